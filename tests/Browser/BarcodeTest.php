<?php

declare(strict_types=1);

namespace Bibrel\Tests\Browser;

/** The back cover of a book, held before a made-up camera. */
final class BarcodeTest extends BrowserTestCase
{
    private const ISBN = '9781402894626';

    private string $film = '';

    /** @return list<string> */
    protected function arguments(): array
    {
        $this->film = sys_get_temp_dir().'/bibrel-camera-'.bin2hex(random_bytes(6)).'.y4m';
        file_put_contents($this->film, self::y4m(self::ISBN));

        return ['--use-fake-ui-for-media-stream', '--use-fake-device-for-media-stream', "--use-file-for-fake-video-capture={$this->film}"];
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        @unlink($this->film);
    }

    public function test_the_camera_reads_the_isbn_and_the_book_is_looked_up(): void
    {
        $this->beginPaper();
        $this->button('Scan a barcode')->click();
        $this->sees('Brook, Halima. Moonpower: Mills of the Tidal Coast. Quayside Press, 2014.');
    }

    public function test_a_photo_does_as_well(): void
    {
        $this->beginPaper();
        $photo = sys_get_temp_dir().'/bibrel-photo-'.bin2hex(random_bytes(6)).'.bmp';
        file_put_contents($photo, self::bmp(self::ISBN));
        // The camera would be first; a photo must do where there is none.
        $this->browser->executeScript('navigator.mediaDevices.getUserMedia = () => Promise.reject(new Error("none"));');
        $this->button('Scan a barcode')->click();
        $this->until(fn (): bool => str_contains($this->css('dialog[open]')->getText(), 'There is no camera here'), fn (): string => $this->css('dialog[open]')->getText());
        $this->css('dialog[open] input[type="file"]')->sendKeys($photo);
        $this->sees('Brook, Halima. Moonpower: Mills of the Tidal Coast. Quayside Press, 2014.');
        unlink($photo);
    }

    /** One second of a camera that looks at a barcode, uncompressed (YUV4MPEG2). */
    private static function y4m(string $digits): string
    {
        [$width, $height, $rows] = self::picture($digits);
        $frame = 'FRAME'."\n".implode('', $rows).str_repeat("\x80", intdiv($width * $height, 2));

        return "YUV4MPEG2 W{$width} H{$height} F10:1 Ip A1:1 C420jpeg\n".str_repeat($frame, 10);
    }

    private static function bmp(string $digits): string
    {
        [$width, $height, $rows] = self::picture($digits);
        $pixels = '';
        foreach (array_reverse($rows) as $row) {
            foreach (str_split($row) as $grey) {
                $pixels .= $grey.$grey.$grey;
            }
        }

        return 'BM'.pack('VvvV', 54 + strlen($pixels), 0, 0, 54).pack('VVVvvVVVVVV', 40, $width, $height, 1, 24, 0, strlen($pixels), 2835, 2835, 0, 0).$pixels;
    }

    /** @return array{int, int, list<string>} width, height, rows of grey (EAN-13 as ISO/IEC 15420 has it) */
    private static function picture(string $digits): array
    {
        $left = ['0001101', '0011001', '0010011', '0111101', '0100011', '0110001', '0101111', '0111011', '0110111', '0001011'];
        $parity = ['LLLLLL', 'LLGLGG', 'LLGGLG', 'LLGGGL', 'LGLLGG', 'LGGLLG', 'LGGGLL', 'LGLGLG', 'LGLGGL', 'LGGLGL'];
        $flip = static fn (string $bits): string => strtr($bits, '01', '10');
        $bars = '101';
        for ($i = 1; $i <= 6; $i++) {
            $code = $left[(int) $digits[$i]];
            $bars .= $parity[(int) $digits[0]][$i - 1] === 'L' ? $code : strrev($flip($code));
        }
        $bars .= '01010';
        for ($i = 7; $i <= 12; $i++) {
            $bars .= $flip($left[(int) $digits[$i]]);
        }
        $bars .= '101';
        [$width, $height, $wide] = [640, 480, 5];
        $side = intdiv($width - strlen($bars) * $wide, 2);
        $row = str_repeat("\xEB", $side);
        foreach (str_split($bars) as $bar) {
            $row .= str_repeat($bar === '1' ? "\x10" : "\xEB", $wide);
        }
        $row = str_pad($row, $width, "\xEB");
        $blank = str_repeat("\xEB", $width);

        return [$width, $height, [...array_fill(0, 120, $blank), ...array_fill(0, 240, $row), ...array_fill(0, 120, $blank)]];
    }
}
