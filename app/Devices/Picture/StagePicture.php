<?php

declare(strict_types=1);

namespace App\Devices\Picture;

use GdImage;
use GentlePour\InvalidValue;

/**
 * Draws a picture from the baked layers of its stage and the recipe of the core, as resources/js/picture does in the page: what does not
 * move stays, what moves is averaged over the open time, and the recipe says how much of its drawing is left. The simulated camera's eye.
 */
final class StagePicture
{
    private ?Developed $developed = null;

    private function __construct(
        private readonly Recipe $recipe,
        private readonly FallPicture|OpenPicture $drawer,
        private readonly PictureView $view,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $recipe
     * @param  string  $folder  where the layers of stages lie
     *
     * @throws InvalidValue when its stage has no layers
     */
    public static function of(array $recipe, string $folder, PictureView $view = new PictureView): self
    {
        $read = Recipe::of($recipe);
        $layers = array_map(static fn (string $file): GdImage => (
            str_ends_with($file, '.jpg') ? imagecreatefromjpeg("{$folder}/{$file}") : imagecreatefrompng("{$folder}/{$file}")
        ) ?: throw new InvalidValue('A layer of the picture cannot be read.'), StageLayers::files($read->stage));

        $drawer = StageLayers::falls($read->stage) ? FallPicture::class : OpenPicture::class;

        return new self($read, new $drawer($read, $layers, $view), $view);
    }

    /** The picture at the time of the recipe that is nearest, in the size of the layers or wider, 3 to 2. */
    public function at(float $seconds, ?int $width = null): GdImage
    {
        [$layerWidth, $layerHeight] = $this->drawer->size();
        $this->developed = new Developed($layerWidth, $layerHeight, $this->view);
        $this->drawer->draw($this->recipe->nearest($seconds), $this->developed);
        $image = $this->developed->image;

        return $width === null ? $image : (imagescale($image, $width, intdiv($width * $layerHeight, $layerWidth), IMG_BICUBIC) ?: $image);
    }

    /** The share of the last picture that is clipped, at a bias of so many stops against the reading. */
    public function clipped(float $bias = 0.0): float
    {
        return $this->developed?->clipped($bias) ?? 0.0;
    }
}
