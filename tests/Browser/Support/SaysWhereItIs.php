<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Exception\WebDriverException;

/** What a journey that failed tells whoever reads of it on another machine. */
trait SaysWhereItIs
{
    /** Where the browser is and what the page says of itself: for whoever reads of a failure on another machine. */
    private function whatStandsThere(): string
    {
        try {
            return (string) $this->script(<<<'JS'
                const said = (selector) => [...document.querySelectorAll(selector)].map((one) => one.textContent.replace(/\s+/g, ' ').trim())
                    .filter(Boolean).join(' / ').slice(0, 300);
                return `It is at ${location.href.slice(0, 400)}: “${said('h1')}”; said: “${said('[role=status], [role=alert], #problems')}”; `
                    + `bench: ${document.getElementById('bench')?.dataset.state ?? 'none'}; ${Math.round(performance.now())} ms old.`;
                JS);
        } catch (WebDriverException $gone) {
            return 'Nor does the browser answer: '.substr($gone->getMessage(), 0, 200);
        }
    }
}
