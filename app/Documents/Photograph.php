<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Picture;
use ErrorException;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Intervention\Image\Exceptions\RuntimeException;
use Intervention\Image\ImageManager;
use Intervention\Image\Modifiers\AlignRotationModifier;

use function file_get_contents;
use function getimagesize;
use function in_array;
use function ini_get;
use function ini_parse_quantity;
use function ini_set;
use function is_array;
use function max;
use function min;
use function number_format;
use function preg_match;
use function strlen;
use function substr;

/**
 * A picture as somebody sent it, drawn anew: upright, at most so large, and nothing else of the file, neither where it was taken nor with what,
 * nor whatever was hidden behind it.
 */
final readonly class Photograph
{
    public const MOST_SIDE = 4_000;

    private const SMALL_SIDE = 800;

    private const MOST_PIXELS = 50_000_000;

    private const LEAST_SIDE = 16;

    /** So much of a file its head takes at the most. */
    private const HEAD = 0.4;

    private const KINDS = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP];

    /** While a large one is drawn it takes so much. */
    private const MEMORY = '768M';

    private function __construct(private string $jpeg, private string $small, public int $width, public int $height) {}

    /** @throws CannotReadPicture saying why in the words of who took it */
    public static function read(string $path): self
    {
        self::expectPicture($path);
        self::makeRoom();
        try {
            $image = ImageManager::gd(autoOrientation: false, strip: true)->read($path);
            $image = $image->scaleDown(self::MOST_SIDE, self::MOST_SIDE)->modify(new AlignRotationModifier);
            $jpeg = (string) $image->toJpeg(85);
            [$width, $height] = [$image->width(), $image->height()];
            $small = (string) $image->scaleDown(self::SMALL_SIDE, self::SMALL_SIDE)->toJpeg(80);
        } catch (RuntimeException|ErrorException) {
            throw CannotReadPicture::broken();
        }

        return new self($jpeg, $small, $width, $height);
    }

    /** Keeps it for a job, under a name of its own. */
    public function keepFor(int $jobId): string
    {
        $name = Str::lower((string) Str::ulid());
        Storage::put(Picture::pathOf($jobId, $name), $this->jpeg);
        Storage::put(Picture::pathOf($jobId, $name, isSmall: true), $this->small);

        return $name;
    }

    private static function expectPicture(string $path): void
    {
        $begins = (string) file_get_contents($path, length: 32);
        preg_match('/^ftyp(hei|hev|mif1|msf1)/', substr($begins, 4, 8)) === 1 && throw CannotReadPicture::heic();
        $size = @getimagesize($path);
        is_array($size) && in_array($size[2], self::KINDS, true) || throw CannotReadPicture::noPicture();
        $size[2] !== IMAGETYPE_JPEG || self::isWhole((string) file_get_contents($path)) || throw CannotReadPicture::broken();
        [$width, $height] = $size;
        $width * $height <= self::MOST_PIXELS || throw CannotReadPicture::tooLarge(
            number_format($width * $height / 1_000_000), number_format(self::MOST_PIXELS / 1_000_000),
        );
        min($width, $height) >= self::LEAST_SIDE && max($width, $height) <= 1000 * min($width, $height)
            || throw CannotReadPicture::tooNarrow($width, $height);
    }

    /** Half a JPEG is drawn as half a picture: whether its end arrived is looked for where the picture is, behind the small one in its head. */
    private static function isWhole(string $jpeg): bool
    {
        return (int) strrpos($jpeg, "\xFF\xD9") > self::HEAD * strlen($jpeg);
    }

    private static function makeRoom(): void
    {
        $now = ini_parse_quantity((string) ini_get('memory_limit'));
        $now > 0 && $now < ini_parse_quantity(self::MEMORY) && ini_set('memory_limit', self::MEMORY);
    }
}
