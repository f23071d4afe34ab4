<?php

declare(strict_types=1);

namespace Tests\Support;

use GdImage;
use Illuminate\Http\UploadedFile;

use function strlen;

/** Pictures drawn for a test, and files that pretend to be one. */
final class Pictures
{
    public static function png(int $width, int $height): UploadedFile
    {
        return self::file(self::drawn($width, $height, imagepng(...)), 'bench.png');
    }

    /** @param  int  $orientation  as a telephone says how it was held; 6 is a quarter turn */
    public static function jpeg(int $width, int $height, int $orientation = 1, string $hidden = ''): UploadedFile
    {
        $tiff = "MM\0\x2a\0\0\0\x08\0\x01\x01\x12\0\x03\0\0\0\x01".pack('n', $orientation)."\0\0\0\0\0\0{$hidden}";
        $exif = "Exif\0\0{$tiff}";
        $jpeg = self::drawn($width, $height, imagejpeg(...));

        return self::file(substr($jpeg, 0, 2)."\xFF\xE1".pack('n', 2 + strlen($exif)).$exif.substr($jpeg, 2), 'bench.jpg');
    }

    /** The beginning of a picture that says it is so large. */
    public static function claiming(int $width, int $height): string
    {
        $head = 'IHDR'.pack('N2', $width, $height)."\x08\x02\0\0\0";

        return "\x89PNG\r\n\x1a\n".pack('N', 13).$head.pack('N', crc32($head)).str_repeat("\0", 64);
    }

    public static function file(string $content, string $name): UploadedFile
    {
        return UploadedFile::fake()->createWithContent($name, $content);
    }

    /** @param  callable(GdImage): bool  $write */
    private static function drawn(int $width, int $height, callable $write): string
    {
        $image = imagecreatetruecolor(max(1, $width), max(1, $height));
        imagefilledrectangle($image, 0, 0, intdiv($width, 2), $height, (int) imagecolorallocate($image, 200, 120, 40));
        ob_start();
        $write($image);

        return (string) ob_get_clean();
    }
}
