<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

/** What is wrong with a page that stands there, whatever it is about. */
trait LooksAtThePage
{
    /**
     * One name twice, where an answer was put beside what it was to replace; a word of a script instead of a figure; a picture that is none;
     * something hidden that is shown; a button that looks like a link.
     *
     * @return list<string>
     */
    private function whatNoPageMayShow(): array
    {
        $wrong = (array) $this->script(<<<'JS'
            const names = [...document.querySelectorAll('[id]')].map((one) => one.id);
            const words = document.body?.innerText.match(/.{0,20}(\bundefined\b|\bNaN\b|\bInfinity\b|\[object |−0(\.0+)?(?![\d.])).{0,20}/g) ?? [];
            const broken = [...document.images].filter((one) => one.complete && one.currentSrc && one.naturalWidth === 0);
            const shown = [...document.querySelectorAll('[hidden]')].filter((one) => getComputedStyle(one).display !== 'none');
            const underlined = [...document.querySelectorAll('.button')].filter((one) => getComputedStyle(one).textDecorationLine !== 'none');
            return [...names.filter((name, i) => names.indexOf(name) !== i), ...words, ...broken.map((one) => `picture ${one.currentSrc}`),
                ...shown.map((one) => `hidden, and shown: ${one.outerHTML.slice(0, 80)}`), ...underlined.map((one) => `underlined: ${one.textContent.trim()}`)];
            JS);

        // Where a network was taken away, a picture may be missing.
        return array_values($this->expectedOnConsole === [] ? $wrong
            : array_filter($wrong, static fn (string $one): bool => ! str_starts_with($one, 'picture ')));
    }

    /** @return list<string> words of a drawing that lie on each other, and fields too narrow for what stands in them, with everything opened */
    public function cannotBeRead(): array
    {
        return array_values((array) $this->script(<<<'JS'
            document.querySelectorAll('details').forEach((d) => { d.open = true; });
            const seen = (e) => e.getClientRects().length > 0;
            const found = [...document.querySelectorAll('input:not([type=hidden], [type=file], [type=radio], [type=checkbox], [type=range])')]
                .filter((e) => seen(e) && e.scrollWidth > e.clientWidth + 1).map((e) => `${e.name} holds only half of ${e.value}`);
            for (const svg of [...document.querySelectorAll('svg')].filter(seen)) {
                const words = [...svg.querySelectorAll('text')].filter((e) => seen(e) && e.textContent.trim()).map((e) => [e.textContent.trim(), e.getBoundingClientRect()]);
                words.forEach(([one, a], i) => words.slice(i + 1).forEach(([other, b]) => {
                    const [wide, high] = [Math.min(a.right, b.right) - Math.max(a.left, b.left), Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top)];
                    if (wide > 2 && high > 0.35 * Math.min(a.height, b.height)) found.push(`“${one}” lies on “${other}”`);
                }));
            }
            return found;
            JS));
    }

    /** @return list<string> what axe-core finds wrong with the page, by the rules of WCAG 2.2 A and AA and the best practices */
    public function accessibilityProblems(bool $coloursOnly = false): array
    {
        if ($this->script('return typeof window.axe') !== 'object') {
            $this->script((string) file_get_contents(dirname(__DIR__).'/assets/axe.min.js'));
        }
        $this->browser->manage()->timeouts()->setScriptTimeout(120);
        $found = $this->browser->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1];
            axe.run(document, {runOnly: arguments[0] ? {type: 'rule', values: ['color-contrast']} : ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']}).then(
                (result) => done(result.violations.flatMap((v) => v.nodes.map((n) => `${v.id}: ${n.target.join(' ')} ${(n.any[0] ?? n.all[0] ?? {}).message ?? ''}`))),
                (error) => done([String(error)]));
            JS, [$coloursOnly]);

        return is_array($found) ? array_values(array_map(strval(...), $found)) : ['axe gave no answer'];
    }

    public function widerThanTheScreen(): int
    {
        $wider = $this->script('return document.documentElement.scrollWidth - window.innerWidth');

        return is_int($wider) ? $wider : 0;
    }
}
