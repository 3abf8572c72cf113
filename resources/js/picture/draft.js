// The picture in the hand's own time: while the time is being moved, a graphics processor draws all of it, pixel for pixel, from what
// OpenWater and Falls have laid. How much what moves counts is found on a sixteenth of the pixels. As soon as the hand rests, the picture
// itself is drawn; without WebGL2 a quarter of its pixels is drawn meanwhile.
import { GAMMA, NIGHT } from './developed.js';
import { FALLS } from './falls.js';
import { STEPS, clamp, heldWhite, smooth } from './numbers.js';
import { OPEN, OpenWater } from './open.js';
import { SKY } from './sky.js';

const f = (number) => (Number.isInteger(number) ? `${number}.0` : String(number));
const vec = (list) => `vec3(${list.map(f).join(',')})`;

const VERTEX = `#version 300 es
void main() { gl_Position = vec4(vec2((gl_VertexID << 1) & 2, gl_VertexID & 2) * 2.0 - 1.0, 0.0, 1.0); }`;

const COMMON = `#version 300 es
precision highp float; precision highp int; precision highp sampler2D; precision highp sampler2DArray;
uniform ivec2 size; uniform float gain; uniform float held[${STEPS + 1}]; uniform vec3 gains; uniform vec4 graduated; uniform int mono;
uniform int night; uniform float streak;
out vec4 shown;
float whiteness(float mean, float value) {
    return clamp(mean + held[int(mean * ${f(STEPS)} + 0.5)] + gain * sqrt(mean * (1.0 - mean)) * value, 0.0, 1.0); }
float ease(float t) { return t * t * (3.0 - 2.0 * t); }
void develop(vec3 c, float y) {
    if (graduated.x > 0.0) c *= exp2(-graduated.x * (1.0 - smoothstep(graduated.y - graduated.z, graduated.y + graduated.z,
        y / float(size.y))) / ${f(GAMMA)});
    c *= gains;
    float grey = dot(c, vec3(0.3, 0.59, 0.11));
    if (night > 0) c = grey * ${vec(NIGHT)}; else if (mono > 0) c = vec3(grey);
    shown = vec4(c / 255.0, 1.0);
}`;

const FALLING = `${COMMON}
uniform sampler2D ground; uniform sampler2D path; uniform sampler2D sums0; uniform sampler2D sums1; uniform vec2 strands;
uniform vec2 measure; uniform vec3 tint;
float upTo(sampler2D sums, int strand, float place) { int low = int(floor(place)); float a = texelFetch(sums, ivec2(low, strand), 0).r;
    return a + (place - float(low)) * (texelFetch(sums, ivec2(low + 1, strand), 0).r - a); }
float run(sampler2D sums, float strand, float from) {
    int low = int(floor(strand)); float share = ease(strand - float(low));
    return mix(upTo(sums, low, from + streak) - upTo(sums, low, from), upTo(sums, low + 1, from + streak) - upTo(sums, low + 1, from),
        share) / streak;
}
void main() {
    ivec2 at = ivec2(gl_FragCoord.xy);
    vec4 lies = texelFetch(ground, at, 0); vec4 of = texelFetch(path, at, 0);
    float w = 0.0;
    if (of.x > ${f(FALLS.SEEN)}) {
        float from = ${f(FALLS.LONGEST)} - of.z;
        float sum = run(sums0, of.y * (strands.x - 1.0), from) + 0.6 * run(sums1, of.y * (strands.y - 1.0), from);
        w = whiteness(of.x, (sum - measure.x) / measure.y);
    }
    float pale = ease(w); float cover = 1.0 - pow(1.0 - w, 1.25);
    float own = lies.a + ${f(FALLS.VEILED)} * pale * (1.0 - lies.a);
    vec3 water = mix(${vec(FALLS.WATER.map(([thin]) => thin))}, ${vec(FALLS.WATER.map(([, thick]) => thick))}, pale) * own * tint;
    develop(mix(mix(lies.rgb, water, cover), ${vec(FALLS.WATER.map(([, , spray]) => spray))} * tint, 0.85 * of.w), float(at.y));
}`;

const OPENING = `${COMMON}
uniform sampler2D land; uniform sampler2D water; uniform sampler2D flow; uniform sampler2D sheet; uniform sampler2D turns;
uniform sampler2D clouds; uniform sampler2D things; uniform sampler2D sums0; uniform sampler2D sums1;
uniform sampler2DArray fields; uniform float shares[32]; uniform int bins; uniform vec2 gaps; uniform vec2 slopeMeasure;
uniform vec2 patchMeasure; uniform vec2 fineMeasure;
uniform float horizon; uniform float focal; uniform float sine; uniform float camera; uniform float subject; uniform vec2 wind;
uniform float cloudRun; uniform float meanCover;
uniform vec3 sky[3]; uniform vec3 cloudLit; uniform vec3 cloudDark; uniform vec3 deep; uniform vec3 foamColour; uniform vec3 mirrorColour;
uniform vec3 glowColour; uniform vec4 glowAt; uniform float broken; uniform vec3 level; uniform int hasThings;
float upTo(sampler2D sums, int strand, float place, float round) {
    float turns = floor(place / round); float rest = place - turns * round; int low = min(int(rest), int(round) - 1);
    float a = texelFetch(sums, ivec2(low, strand), 0).r;
    return turns * texelFetch(sums, ivec2(int(round), strand), 0).r + a + (rest - float(low)) * (texelFetch(sums, ivec2(low + 1, strand),
        0).r - a);
}
float around(sampler2D sums, float strand, float from, float length) {
    float turn = floor(strand / ${f(OPEN.STRANDS)}); int row = int(strand - turn * ${f(OPEN.STRANDS)}); float start = from + turn * 701.0;
    return (upTo(sums, row, start + length, ${f(OPEN.RUN)}) - upTo(sums, row, start, ${f(OPEN.RUN)})) / length;
}
float flowing(sampler2D sums, float gap, vec2 of, float foot) {
    float length = max(streak, foot); float across = of.y / gap; float low = floor(across);
    return min(1.0, gap / foot) * mix(around(sums, low, of.x, length), around(sums, low + 1.0, of.x, length), ease(across - low));
}
vec2 cloudUp(int row, float place) {
    float turns = floor(place / ${f(SKY.WIDE)}); float rest = place - turns * ${f(SKY.WIDE)}; int low = min(int(rest), ${SKY.WIDE - 1});
    vec2 a = texelFetch(clouds, ivec2(low, row), 0).rg;
    return turns * texelFetch(clouds, ivec2(${SKY.WIDE}, row), 0).rg + a + (rest - float(low)) * (texelFetch(clouds, ivec2(low + 1, row),
        0).rg - a);
}
vec2 cloudRow(float v, float u) { int row = int(v - floor(v / ${f(SKY.TALL)}) * ${f(SKY.TALL)});
    return (cloudUp(row, u + cloudRun) - cloudUp(row, u)) / cloudRun; }
vec3 clear(float up) { float place = clamp(up / ${f(SKY.HIGHEST)}, 0.0, 1.0) * 2.0;
    return place < 1.0 ? mix(sky[0], sky[1], place) : mix(sky[1], sky[2], place - 1.0); }
float glowAcross(float x) { return glowAt.w > 0.0 ? exp(-pow(abs(x / float(size.x) - glowAt.x) / glowAt.y, 1.5)) : 0.0; }
vec3 seen(ivec2 at, vec3 here, float slope) {
    float down = (float(at.y) - horizon) / (float(size.y) - horizon);
    int k = int(floor(clamp((slope + 3.2) / 6.4, 0.0, 1.0) * ${f(OPEN.TURNS - 1)} + 0.5));
    vec4 one = texelFetch(turns, ivec2(2 * k, at.y - int(horizon)), 0);
    float share = texelFetch(turns, ivec2(2 * k + 1, at.y - int(horizon)), 0).r;
    int row = clamp(at.y + int(floor(slope * ${f(OPEN.MIRROR_ROWS)} * down + 0.5)), int(horizon), size.y - 1);
    vec3 from = texelFetch(water, ivec2(at.x, row), 0).rgb * 255.0;
    float mirrored = from.r < ${f(OPEN.DRY)} ? from.b / 255.0 : here.r < ${f(OPEN.DRY)} ? here.b / 255.0 : ${f(OPEN.AT_FOOT)};
    return (1.0 - mirrored) * (one.rgb + one.a * glowAcross(float(at.x)) * glowColour) + mirrored * share * mirrorColour
        + (1.0 - share) * deep;
}
void main() {
    ivec2 at = ivec2(gl_FragCoord.xy);
    vec3 here = floor(texelFetch(water, at, 0).rgb * 255.0 + 0.5);
    vec3 colour;
    bool below = float(at.y) >= horizon;
    if (!below && here.r < 0.5) {
        float up = (horizon - float(at.y) - 0.5) / focal; float away = ${f(SKY.A_HEIGHT)} / up;
        float side = (float(at.x) - float(size.x) / 2.0) / focal * away;
        float u = side * wind.x - away * wind.y + 400.0; float v = side * wind.y + away * wind.x + 400.0;
        float low = floor(v);
        vec2 told = mix(vec2(meanCover, ${f(SKY.HAZY)}), mix(cloudRow(low, u), cloudRow(low + 1.0, u), v - low), smoothstep(${f(SKY.HAZE)},
            ${f(SKY.CLEAR)}, up));
        float glow = glowAt.w > 0.0 ? exp(-pow(up / glowAt.z, 1.4)) * glowAcross(float(at.x)) : 0.0;
        vec3 behind = clear(up) + glow * glowColour;
        colour = mix(behind, mix(cloudDark, cloudLit, clamp(told.g + 0.5 * glow, 0.0, 1.0)) + 0.4 * glow * glowColour,
            ${f(SKY.COVERS)} * told.r);
    } else {
        vec3 dry = texelFetch(land, at, 0).rgb;
        colour = dry;
        if (below && here.r < ${f(OPEN.NEVER)}) {
            vec4 of = texelFetch(flow, at, 0);
            float away = camera * focal / (float(at.y) + 0.5 - horizon);
            float foot = away / subject * max(1.0, sine * away / camera);
            float lace = (flowing(sums0, gaps.x, of.xy, foot) - patchMeasure.x) / patchMeasure.y;
            float fine = (flowing(sums1, gaps.y, of.xy, foot) - fineMeasure.x) / fineMeasure.y;
            float slope = ${f(OPEN.OF_FLOW[0])} * lace + ${f(OPEN.OF_FLOW[1])} * fine;
            if (bins > 0) {
                slope = 0.0;
                for (int b = 0; b < bins; b++) if (shares[b] > 0.004) slope += shares[b] * texelFetch(fields, ivec3(at, b), 0).r;
                slope = (slope - slopeMeasure.x) / slopeMeasure.y;
            }
            float value = ${f(OPEN.LACE[0])} * lace + ${f(OPEN.LACE[1])} * (${f(OPEN.FOLDED[0])} - abs(fine)) / ${f(OPEN.FOLDED[1])};
            float under = 1.0; float more = 0.0;
            if (here.r > 0.5) {
                float z = ${f(OPEN.LOW)} + ${f(OPEN.HIGH - OPEN.LOW)} * (here.r - 1.0) / 249.0;
                under = 1.0 / (1.0 + exp(-1.702 * (level.x * level.y * of.z - z) / level.z));
                more = 4.0 * broken * under * (1.0 - under) * smoothstep(${f(OPEN.BREAKS_M[0])}, ${f(OPEN.BREAKS_M[1])}, z);
            }
            float steady = min(0.95, here.g / 255.0); steady += (1.0 - steady) * more;
            float w = whiteness(steady, value);
            vec3 still = texelFetch(sheet, at, 0).rgb;
            vec3 lit = mix(still, seen(at, here, slope), min(1.0, gain));
            lit += w * (foamColour * (0.8 + 0.2 * w) - lit);
            colour = mix(dry, lit, under);
        }
    }
    if (hasThings > 0) { vec4 thing = texelFetch(things, at, 0); colour = colour * (1.0 - thing.a) + thing.rgb; }
    develop(colour, float(at.y));
}`;

const SOFTWARE = /swiftshader|llvmpipe|softpipe|software|basic render/i;

function rendererOf(gl) {
    const named = gl.getExtension('WEBGL_debug_renderer_info');
    return String(gl.getParameter(named ? named.UNMASKED_RENDERER_WEBGL : gl.RENDERER));
}

export class Draft {
    /**
     * @returns {Draft|null} null where there is no WebGL2, it will not have it, or only a program plays at being a graphics processor where
     * hardware is wanted
     */
    static of(layered, { only = 'any' } = {}) {
        try {
            const gl = new OffscreenCanvas(layered.width, layered.height).getContext('webgl2', {
                antialias: false,
                preserveDrawingBuffer: true,
            });
            return gl && (only === 'any' || !SOFTWARE.test(rendererOf(gl))) ? new Draft(layered, gl) : null;
        } catch {
            return null;
        }
    }

    constructor(layered, gl) {
        Object.assign(this, { layered, gl, isOpen: layered instanceof OpenWater, textures: new Map() });
        const program = gl.createProgram();
        for (const [kind, source] of [
            [gl.VERTEX_SHADER, VERTEX],
            [gl.FRAGMENT_SHADER, this.isOpen ? OPENING : FALLING],
        ]) {
            const shader = gl.createShader(kind);
            gl.shaderSource(shader, source);
            gl.compileShader(shader);
            gl.attachShader(program, shader);
        }
        gl.linkProgram(program);
        if (!gl.getProgramParameter(program, gl.LINK_STATUS)) {
            throw new Error(gl.getProgramInfoLog(program) || 'no shader');
        }
        gl.useProgram(program);
        this.program = program;
        const { width, height } = layered;
        this.set('size', 'uniform2i', width, height);
        layered.textures.forEach(({ sums }, n) => this.table(`sums${n}`, sums));
        this.isOpen ? this.layOpen() : this.layFall();
    }

    at(name) {
        return this.gl.getUniformLocation(this.program, name);
    }

    set(name, how, ...values) {
        this.gl[how](this.at(name), ...values);
    }

    /** A texture of floats by its name: channels of one array. */
    texture(name, format, of, width, height, data, type = null) {
        const { gl } = this;
        if (!this.textures.has(name)) {
            this.textures.set(name, [this.textures.size, gl.createTexture()]);
            this.set(name, 'uniform1i', this.textures.get(name)[0]);
        }
        const [unit, texture] = this.textures.get(name);
        gl.activeTexture(gl.TEXTURE0 + unit);
        gl.bindTexture(gl.TEXTURE_2D, texture);
        gl.pixelStorei(gl.UNPACK_ALIGNMENT, 1);
        gl.texImage2D(gl.TEXTURE_2D, 0, gl[format], width, height, 0, gl[of], type ?? gl.FLOAT, data);
        gl.texParameteri(gl.TEXTURE_2D, gl.TEXTURE_MIN_FILTER, gl.NEAREST);
        gl.texParameteri(gl.TEXTURE_2D, gl.TEXTURE_MAG_FILTER, gl.NEAREST);
    }

    table(name, sums) {
        const all = new Float32Array(sums.length * sums[0].length);
        sums.forEach((sum, n) => all.set(sum, n * sum.length));
        this.texture(name, 'R32F', 'RED', sums[0].length, sums.length, all);
    }

    layFall() {
        const {
            white,
            strand,
            along,
            layers: { water },
            width,
            height,
            textures,
        } = this.layered;
        const path = new Float32Array(4 * width * height);
        for (let i = 0; i < width * height; i += 1) path.set([white[i], strand[i], along[i], (water[4 * i + 2] >> 4) / 15], 4 * i);
        this.texture('path', 'RGBA32F', 'RGBA', width, height, path);
        this.set('strands', 'uniform2f', textures[0].strands, textures[1].strands);
    }

    layOpen() {
        const { gl, layered } = this;
        const { layers, width, height, way, strand, swell, textures, fields, sky, geometry, recipe } = layered;
        this.texture('water', 'RGBA8', 'RGBA', width, height, new Uint8Array(layers.water.buffer), gl.UNSIGNED_BYTE);
        const flow = new Float32Array(4 * width * height);
        for (let i = 0; i < width * height; i += 1) flow.set([way[i], strand[i], swell[i], 0], 4 * i);
        this.texture('flow', 'RGBA32F', 'RGBA', width, height, flow);
        const [wide, tall] = [sky.cover[0].length, sky.cover.length];
        const clouds = new Float32Array(2 * wide * tall);
        for (let v = 0; v < tall; v += 1)
            for (let u = 0; u < wide; u += 1) clouds.set([sky.cover[v][u], sky.bright[v][u]], 2 * (v * wide + u));
        this.texture('clouds', 'RG32F', 'RG', wide, tall, clouds);
        // All fields in one, by half floats: a slope needs no more.
        const unit = this.textures.size;
        this.textures.set('fields', [unit, gl.createTexture()]);
        this.set('fields', 'uniform1i', unit);
        gl.activeTexture(gl.TEXTURE0 + unit);
        gl.bindTexture(gl.TEXTURE_2D_ARRAY, this.textures.get('fields')[1]);
        gl.texStorage3D(gl.TEXTURE_2D_ARRAY, 1, gl.R16F, width, height, Math.max(1, fields.length));
        fields.forEach((field, b) => gl.texSubImage3D(gl.TEXTURE_2D_ARRAY, 0, 0, 0, b, width, height, 1, gl.RED, gl.FLOAT, field));
        gl.texParameteri(gl.TEXTURE_2D_ARRAY, gl.TEXTURE_MIN_FILTER, gl.NEAREST);
        gl.texParameteri(gl.TEXTURE_2D_ARRAY, gl.TEXTURE_MAG_FILTER, gl.NEAREST);
        this.set('bins', 'uniform1i', fields.length);
        this.set('gaps', 'uniform2f', textures[0].gap, textures[1].gap);
        const { horizon, focal, camera } = geometry;
        for (const [name, value] of Object.entries({
            horizon,
            focal,
            camera,
            sine: Math.abs(Math.sin((geometry.flow * Math.PI) / 180)),
            subject: (camera * focal) / (OPEN.SUBJECT * height - horizon),
            meanCover: sky.meanCover,
            broken: OPEN.BROKEN * smooth(OPEN.CALM_M, 0.15, recipe.level.sigma_m),
        }))
            this.set(name, 'uniform1f', value);
        this.set('wind', 'uniform2f', sky.across, sky.along);
    }

    /** What depends on the light and the polariser. */
    seen() {
        const { layered } = this;
        const { view, light, width, height } = layered;
        const key = `${view.light} ${view.polariser}`;
        if (key === this.seenIn) return;
        this.seenIn = key;
        if (!this.isOpen) {
            const { ground, form, tint } = layered;
            const lies = new Float32Array(4 * width * height);
            for (let i = 0; i < width * height; i += 1) lies.set([ground[3 * i], ground[3 * i + 1], ground[3 * i + 2], form[i]], 4 * i);
            this.texture('ground', 'RGBA32F', 'RGBA', width, height, lies);
            this.set('tint', 'uniform3fv', tint);
            return;
        }
        const {
            sheet,
            turns,
            horizon,
            layers: { water },
        } = layered;
        const [four, dry] = [new Float32Array(4 * width * height), new Float32Array(4 * width * height)];
        const colour = [0, 0, 0];
        for (let i = 0; i < width * height; i += 1) {
            four.set([sheet[3 * i], sheet[3 * i + 1], sheet[3 * i + 2], 0], 4 * i);
            if (water[4 * i] > 0) {
                layered.land(i, colour);
                dry.set(colour, 4 * i);
            }
        }
        this.texture('sheet', 'RGBA32F', 'RGBA', width, height, four);
        this.texture('land', 'RGBA32F', 'RGBA', width, height, dry);
        const rows = height - horizon;
        const packed = new Float32Array(8 * OPEN.TURNS * rows);
        for (let n = 0; n < OPEN.TURNS * rows; n += 1) packed.set(turns.subarray(5 * n, 5 * n + 5), 8 * n);
        this.texture('turns', 'RGBA32F', 'RGBA', 2 * OPEN.TURNS, rows, packed);
        this.set('sky', 'uniform3fv', light.sky.flat());
        const { glow } = light;
        for (const [name, value] of Object.entries({
            cloudLit: light.cloud.lit,
            cloudDark: light.cloud.dark,
            deep: light.deep,
            foamColour: light.foam,
            mirrorColour: light.mirror,
            glowColour: glow?.colour ?? [0, 0, 0],
        }))
            this.set(name, 'uniform3fv', value);
        this.set('glowAt', 'uniform4f', glow?.at ?? 0, glow?.wide ?? 1, glow?.tall ?? 1, glow ? 1 : 0);
    }

    /** @returns {Uint8ClampedArray} four bytes a pixel */
    pixels(place, night) {
        const { layered, gl } = this;
        const { view, recipe, width, height, sparse } = layered;
        this.seen();
        const value = layered.moving(place, sparse);
        const gain = layered.gain(place, value, sparse);
        const held = this.isOpen ? layered.held(gain, value.lace, sparse) : heldWhite(gain, value, sparse, layered.constructor.shade);
        this.set('gain', 'uniform1f', gain);
        this.set('held', 'uniform1fv', held);
        const factor = (stops) => 2 ** (stops / GAMMA);
        const all = factor(view.bias);
        this.set('gains', 'uniform3f', all * factor(view.cast?.red ?? 0), all, all * factor(view.cast?.blue ?? 0));
        this.set('graduated', 'uniform4f', view.graduated?.stops ?? 0, view.graduated?.at ?? 0, view.graduated?.soft ?? 1, 0);
        this.set('mono', 'uniform1i', view.mono ? 1 : 0);
        this.set('night', 'uniform1i', night ? 1 : 0);
        this.isOpen ? this.setOpen(place) : this.setFall(place);
        gl.viewport(0, 0, width, height);
        gl.drawArrays(gl.TRIANGLES, 0, 3);
        const data = new Uint8ClampedArray(4 * width * height);
        gl.readPixels(0, 0, width, height, gl.RGBA, gl.UNSIGNED_BYTE, new Uint8Array(data.buffer));
        if (gl.isContextLost() || recipe.times[place] === undefined) throw new Error('lost');
        return data;
    }

    setFall(place) {
        const { recipe, measures } = this.layered;
        this.set('streak', 'uniform1f', clamp(recipe.water.streak[place] * FALLS.LAYER_PX, 1, FALLS.RUN_PX));
        this.set('measure', 'uniform2f', ...measures);
    }

    setOpen(place) {
        const { recipe, measures, width, height, sky, things, view, light } = this.layered;
        this.set('streak', 'uniform1f', Math.max(1, recipe.water.streak[place] * width));
        this.set('cloudRun', 'uniform1f', Math.max(1, sky.run(place)));
        this.set('patchMeasure', 'uniform2f', ...measures.patch);
        this.set('fineMeasure', 'uniform2f', ...measures.fine);
        this.set('slopeMeasure', 'uniform2f', ...(measures.slope ?? [0, 1]));
        measures.shares && this.set('shares', 'uniform1fv', measures.shares);
        const sigma = clamp(recipe.level.sigma_m, OPEN.CALM_M, OPEN.ROUGH_M);
        const kept = recipe.level.kept[place];
        this.set('level', 'uniform3f', sigma, kept, sigma * Math.sqrt(1 - kept ** 2) + 0.02);
        const laid = things.at(place, view.things, light)?.laid;
        this.set('hasThings', 'uniform1i', laid ? 1 : 0);
        if (laid !== this.laid || !this.textures.has('things')) {
            this.laid = laid;
            this.texture('things', 'RGBA32F', 'RGBA', laid ? width : 1, laid ? height : 1, laid ?? new Float32Array(4));
        }
    }
}
