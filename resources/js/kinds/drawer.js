// Draws pictures away from the page that shows them, so that a hand on the slider never waits: as a worker, or where a browser has none for
// this, by being imported.
import { Draft, LayeredScene } from '../picture/layered.js';

/** Scenes held: each takes some tens of MB. */
const HELD = 2;

export class Drawer {
    scenes = new Map();

    async draw({ address, recipe, seconds, night, view, quick }) {
        if (!this.scenes.has(address)) {
            this.scenes.set(address, LayeredScene.of(recipe));
            this.scenes.get(address).catch(() => this.scenes.delete(address));
            if (this.scenes.size > HELD) this.scenes.delete(this.scenes.keys().next().value);
        }
        return (await this.scenes.get(address)).pixels(seconds, night, view, quick);
    }
}

export { Draft, LayeredScene }; // for whoever measures it

if (typeof WorkerGlobalScope !== 'undefined' && self instanceof WorkerGlobalScope) {
    const drawer = new Drawer();
    self.onmessage = async ({ data: { number, ask } }) => {
        try {
            const drawn = await drawer.draw(ask);
            self.postMessage({ number, drawn }, [drawn.data.buffer]);
        } catch (e) {
            self.postMessage({ number, failed: String(e?.message ?? e) });
        }
    };
    self.postMessage({ ready: true });
}
