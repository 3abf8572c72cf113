<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

/** The network and the device that a journey is made with: slow, absent, sparing of data. */
trait OverANetwork
{
    private bool $isSlowed = false;

    private ?string $saving = null;

    /**
     * Every answer takes so much longer, as over a slow network, and the processor so many times as long.
     *
     * @param  int  $upload  bytes a second; -1 for as many as there can be
     */
    public function slowedBy(int $latencyMs, int $processor = 1, int $upload = -1): static
    {
        $this->reach($latencyMs, false, $upload);
        $this->tools()->execute('Emulation.setCPUThrottlingRate', ['rate' => $processor]);

        return $this;
    }

    public function offline(bool $offline = true): static
    {
        return $this->reach(0, $offline);
    }

    /** Pictures stay sketches, as for who saves data: for journeys that look at none, of whose time it takes half to draw them. */
    public function savesData(): static
    {
        $this->saving ??= (string) $this->tools()->execute('Page.addScriptToEvaluateOnNewDocument', [
            'source' => 'Object.defineProperty(navigator, "connection", { value: { saveData: true } })',
        ])['identifier'];

        return $this;
    }

    private function reach(int $latencyMs, bool $offline, int $upload = -1): static
    {
        $this->isSlowed = true;
        $this->tools()->execute('Network.enable');
        $this->tools()->execute('Network.emulateNetworkConditions', [
            'offline' => $offline, 'latency' => $latencyMs, 'downloadThroughput' => -1, 'uploadThroughput' => $upload,
        ]);

        return $this;
    }

    private function asBefore(): void
    {
        if ($this->isSlowed) {
            $this->slowedBy(0)->tools()->execute('Network.disable');
        }
        if ($this->saving !== null) {
            $this->tools()->execute('Page.removeScriptToEvaluateOnNewDocument', ['identifier' => $this->saving]);
        }
    }
}
