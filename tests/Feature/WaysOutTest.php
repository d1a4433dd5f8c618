<?php

declare(strict_types=1);

namespace Bibrel\Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;

/** The document and the clipboard: what a word processor makes of them, looked at through LibreOffice. */
final class WaysOutTest extends AppTestCase
{
    private string $folder = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/bibrel-ways-out-'.getmypid();
        @mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
        parent::tearDown();
    }

    public function test_the_document_arrives_in_a_word_processor_as_mla_wants_it(): void
    {
        $paper = $this->filledPaper('mla-9');
        $xpath = $this->opened($this->document($paper), 'docx');
        $paragraphs = $this->paragraphs($xpath);
        self::assertSame(['Works Cited', 'Brook, Halima. Moonpower. Quayside Press, 2014.', '---. The Patient Wheel. Quayside Press, 2014.', '“Wild <U>Lamps</U> & Bats.” Slack Water Review, www.slackwater.example/lamps.'], array_column($paragraphs, 'text'));
        $heading = $paragraphs[0];
        self::assertSame(['center', false], [$heading['align'], $heading['bold']]);
        foreach (array_slice($paragraphs, 1) as $entry) {
            self::assertSame(['0.5in', '-0.5in', '200%', '0in', '0in'], [$entry['left'], $entry['indent'], $entry['line'], $entry['above'], $entry['below']]);
        }
        foreach ($paragraphs as $paragraph) {
            self::assertSame(['Times New Roman', '12pt'], [$paragraph['face'], $paragraph['size']]);
        }
        self::assertSame(['Moonpower'], $this->italics($xpath, 1));
        self::assertSame(['1in', '1in', '8.5in', '11in'], $this->sheet($xpath));
        $head = $xpath->query('//style:header/text:p')->item(0);
        self::assertStringStartsWith('Adeyemi ', $head->textContent);
        self::assertSame(1, $xpath->query('.//text:page-number', $head)->length, 'the page number is a field');
        self::assertSame('end', $this->property($xpath, $head->getAttribute('text:style-name'), 'paragraph', 'fo:text-align'));
    }

    public function test_the_document_arrives_as_apa_wants_it(): void
    {
        $xpath = $this->opened($this->document($this->filledPaper('apa-7')), 'docx');
        $paragraphs = $this->paragraphs($xpath);
        self::assertSame(['References', 'center', true], [$paragraphs[0]['text'], $paragraphs[0]['align'], $paragraphs[0]['bold']]);
        self::assertSame(['0.5in', '-0.5in', '200%'], [$paragraphs[1]['left'], $paragraphs[1]['indent'], $paragraphs[1]['line']]);
        self::assertStringNotContainsString('Adeyemi', $xpath->query('//style:header/text:p')->item(0)->textContent);
    }

    public function test_an_annotation_stands_indented_below_its_entry(): void
    {
        foreach (['mla-9' => '1in', 'apa-7' => '0.5in'] as $style => $left) {
            $paper = $this->newPaper($style);
            $this->newSource($paper, self::book() + ['annotation' => "Brook counts the mills.\nShe reads the \"ledgers\" where they lie."]);
            $paragraphs = $this->paragraphs($this->opened($this->document($paper), 'docx'));
            self::assertSame(['Brook counts the mills.', 'She reads the “ledgers” where they lie.'], array_column(array_slice($paragraphs, 2), 'text'));
            self::assertSame([$left, '200%'], [$paragraphs[2]['left'], $paragraphs[2]['line']]);
            self::assertContains($paragraphs[2]['indent'], ['', '0in']);
        }
    }

    /** @return iterable<array{string}> */
    public static function formats(): iterable
    {
        yield from [['docx'], ['odt'], ['rtf'], ['html']];
    }

    #[DataProvider('formats')]
    public function test_every_document_opens_with_the_same_settings(string $format): void
    {
        $paper = $this->newPaper('apa-7');
        $course = ['paper' => 'a4', 'firstPage' => 4];
        $this->putJson("/api/papers/{$paper}", ['version' => 1, 'title' => 'Bread from the Moon', 'style' => 'apa-7', 'surname' => 'Adeyemi', 'course' => $course])->assertOk();
        $this->newSource($paper, self::book());
        $this->newSource($paper, ['kind' => 'web-page', 'title' => ['main' => 'Wild <u>lamps</u> & bats'], 'containers' => [['title' => 'Slack Water Review', 'url' => 'https://www.slackwater.example/lamps']]]);
        $bytes = (string) $this->get("/papers/{$paper}/page.{$format}")->assertOk()->getContent();
        $xpath = $this->opened($bytes, $format);
        [$heading, $first, $second] = $this->paragraphs($xpath);
        self::assertSame(['References', 'center', true], [$heading['text'], $heading['align'], $heading['bold']]);
        self::assertSame('Brook, H. (2014). Moonpower. Quayside Press.', $first['text']);
        self::assertStringStartsWith('Wild <u>lamps</u> & bats. (n.d.). Slack Water Review.', $second['text']);
        self::assertSame(['Moonpower'], $this->italics($xpath, 1));
        foreach ([$first, $second] as $entry) {
            self::assertSame(['0.5in', '-0.5in', '200%', '12pt'], [$entry['left'], $entry['indent'], $entry['line'], $entry['size']]);
            // From a web page the face is taken over piece by piece.
            self::assertStringContainsString('Times New Roman', $format === 'html' ? (string) $xpath->document->saveXML() : $entry['face']);
        }
        $xpath->registerNamespace('xlink', 'http://www.w3.org/1999/xlink');
        self::assertSame('https://www.slackwater.example/lamps', $xpath->evaluate('string(//text:a/@xlink:href)'));
        if ($format !== 'html') {
            $sheet = $this->sheet($xpath);
            self::assertSame(['1in', '1in'], array_slice($sheet, 0, 2));
            self::assertEqualsWithDelta(8.27, (float) $sheet[2], 0.01);
            self::assertSame(1, $xpath->query('//style:header//text:page-number')->length);
        }
    }

    public function test_the_pdf_holds_the_page_with_its_faces(): void
    {
        $paper = $this->filledPaper('mla-9');
        file_put_contents("{$this->folder}/page.pdf", (string) $this->get("/papers/{$paper}/page.pdf")->assertOk()->getContent());
        $text = (string) shell_exec('pdftotext -layout '.escapeshellarg("{$this->folder}/page.pdf").' -');
        self::assertStringContainsString('Adeyemi 1', $text);
        self::assertStringContainsString('---. The Patient Wheel. Quayside Press, 2014.', $text);
        $fonts = array_slice(explode("\n", trim((string) shell_exec('pdffonts '.escapeshellarg("{$this->folder}/page.pdf")))), 2);
        self::assertNotSame([], $fonts);
        foreach ($fonts as $font) {
            self::assertMatchesRegularExpression('/ yes yes yes /', $font, 'embedded, a subset, with letters that can be read back');
        }
        $structure = (string) shell_exec('pdfinfo -struct-text '.escapeshellarg("{$this->folder}/page.pdf"));
        self::assertStringContainsString('H1', $structure);
        self::assertSame(3, substr_count($structure, 'P (block)'));
    }

    public function test_the_document_looks_as_it_should_on_paper(): void
    {
        file_put_contents("{$this->folder}/page.docx", $this->document($this->filledPaper('mla-9')));
        $profile = "-env:UserInstallation=file://{$this->folder}/profile";
        exec("soffice {$profile} --headless --convert-to pdf --outdir {$this->folder} {$this->folder}/page.docx 2>&1");
        exec("pdftoppm -r 40 -gray -singlefile {$this->folder}/page.pdf {$this->folder}/page");
        $image = (string) file_get_contents("{$this->folder}/page.pgm");
        self::assertSame(1, preg_match('/^P5\s+(\d+)\s+(\d+)\s+255\s/', $image, $m));
        $rows = str_split(substr($image, strlen($m[0])), (int) $m[1]);
        $isInked = static fn (string $row): bool => preg_match('/[\x00-\x90]/', $row) === 1;
        $inked = array_keys(array_filter($rows, $isInked));
        // At 40 dots to the inch: the head within the first inch, the text from one inch on, nothing beyond the margins.
        self::assertLessThan(40, $inked[0]);
        self::assertGreaterThan(19, $inked[0]);
        foreach ($rows as $row) {
            self::assertFalse($isInked(substr($row, 0, 39)) || $isInked(substr($row, 301)), 'the margins are white');
        }
    }

    public function test_no_tab_or_empty_paragraph_stands_for_layout(): void
    {
        $zip = new \ZipArchive;
        $file = $this->folder.'/page.docx';
        file_put_contents($file, $this->document($this->filledPaper('mla-9')));
        self::assertTrue($zip->open($file));
        $xml = (string) $zip->getFromName('word/document.xml');
        self::assertStringNotContainsString('<w:tab/>', $xml);
        self::assertStringNotContainsString('<w:br/>', $xml);
        foreach (['word/document.xml', 'word/styles.xml', 'word/header1.xml', '[Content_Types].xml'] as $part) {
            self::assertNotFalse((new \DOMDocument)->loadXML((string) $zip->getFromName($part)), $part);
        }
    }

    public function test_the_clipboard_carries_italics_and_hanging_indents_and_nothing_else(): void
    {
        $copy = $this->getJson("/api/papers/{$this->filledPaper('mla-9')}/clipboard")->assertOk();
        $html = (string) $copy->json('html');
        self::assertDoesNotMatchRegularExpression('/background|underline|<a[ >]|(?<![a-z-])color:|class=|<span/i', $html);
        self::assertStringContainsString('&lt;U&gt;Lamps&lt;/U&gt;', $html);
        $xpath = $this->opened("<html><head><meta charset=\"utf-8\"></head><body>{$html}</body></html>", 'html');
        $paragraphs = $this->paragraphs($xpath);
        self::assertSame(['center', 'Works Cited'], [$paragraphs[0]['align'], $paragraphs[0]['text']]);
        self::assertSame(['0.5in', '-0.5in', '200%', '12pt'], [$paragraphs[1]['left'], $paragraphs[1]['indent'], $paragraphs[1]['line'], $paragraphs[1]['size']]);
        self::assertStringContainsString('Times New Roman', $paragraphs[1]['face']);
        self::assertSame(['Moonpower'], $this->italics($xpath, 1));
        self::assertSame("Works Cited\n\nBrook, Halima. Moonpower. Quayside Press, 2014.\n---. The Patient Wheel. Quayside Press, 2014.\n“Wild <U>Lamps</U> & Bats.” Slack Water Review, www.slackwater.example/lamps.\n", $copy->json('text'));
    }

    public function test_one_entry_goes_to_the_clipboard_alone(): void
    {
        $paper = $this->newPaper();
        $source = $this->newSource($paper, self::book());
        $this->newSource($paper, self::book('Other'));
        $copy = $this->getJson("/api/papers/{$paper}/clipboard?only={$source}")->assertOk();
        self::assertSame('Brook, Halima. Moonpower. Quayside Press, 2014.', $copy->json('text'));
        self::assertSame(1, substr_count((string) $copy->json('html'), '<p '));
    }

    private function filledPaper(string $style): string
    {
        $paper = $this->newPaper($style);
        $this->newSource($paper, self::book());
        $this->newSource($paper, self::book('The Patient Wheel'));
        $this->newSource($paper, ['kind' => 'web-page', 'title' => ['main' => 'Wild <u>lamps</u> & bats'], 'containers' => [['title' => 'Slack Water Review', 'url' => 'https://www.slackwater.example/lamps']]]);

        return $paper;
    }

    private function document(string $paper): string
    {
        $answer = $this->get("/papers/{$paper}/page.docx")->assertOk()->assertHeader('Content-Type', 'application/vnd.openxmlformats-officedocument.wordprocessingml.document');
        self::assertStringContainsString('bread-from-the-moon.docx', (string) $answer->headers->get('Content-Disposition'));

        return (string) $answer->getContent();
    }

    /** Opens a document with LibreOffice and gives what it understood, as flat OpenDocument. */
    private function opened(string $bytes, string $ending): \DOMXPath
    {
        $file = "{$this->folder}/page.{$ending}";
        file_put_contents($file, $bytes);
        $filter = $ending === 'html' ? '--infilter='.escapeshellarg('HTML (StarWriter)') : '';
        exec(sprintf('soffice -env:UserInstallation=file://%s/profile --headless %s --convert-to %s --outdir %s %s 2>&1', $this->folder, $filter, escapeshellarg('fodt:OpenDocument Text Flat XML'), escapeshellarg($this->folder), escapeshellarg($file)), $output, $status);
        self::assertSame(0, $status, implode("\n", $output));
        $dom = new \DOMDocument;
        self::assertTrue($dom->load("{$this->folder}/page.fodt"), implode("\n", $output));
        $xpath = new \DOMXPath($dom);
        foreach (['office', 'style', 'text'] as $space) {
            $xpath->registerNamespace($space, "urn:oasis:names:tc:opendocument:xmlns:{$space}:1.0");
        }
        $xpath->registerNamespace('fo', 'urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0');

        return $xpath;
    }

    /** @return list<array{text: string, align: string, bold: bool, left: string, indent: string, line: string, above: string, below: string, face: string, size: string}> */
    private function paragraphs(\DOMXPath $xpath): array
    {
        $paragraphs = [];
        foreach ($xpath->query('//office:text//text:p | //office:text//text:h') as $node) {
            $style = $node->getAttribute('text:style-name');
            $of = fn (string $group, string $name): string => $this->property($xpath, $style, $group, $name);
            $paragraphs[] = [
                'text' => $node->textContent,
                'align' => $of('paragraph', 'fo:text-align'),
                'bold' => $of('text', 'fo:font-weight') === 'bold' || $xpath->query('.//text:span', $node)->length > 0 && $this->property($xpath, $xpath->query('.//text:span', $node)->item(0)->getAttribute('text:style-name'), 'text', 'fo:font-weight') === 'bold',
                'left' => $of('paragraph', 'fo:margin-left'),
                'indent' => $of('paragraph', 'fo:text-indent'),
                'line' => $of('paragraph', 'fo:line-height'),
                'above' => $of('paragraph', 'fo:margin-top'),
                'below' => $of('paragraph', 'fo:margin-bottom'),
                'face' => $of('text', 'style:font-name') ?: $of('text', 'fo:font-family'),
                'size' => $of('text', 'fo:font-size'),
            ];
        }

        return $paragraphs;
    }

    /** A property of a style, of those it is based on, or of the document's defaults. */
    private function property(\DOMXPath $xpath, string $style, string $group, string $name): string
    {
        for ($seen = 0; $style !== '' && $seen < 10; $seen++) {
            $node = $xpath->query("//style:style[@style:name='{$style}']")->item(0);
            $value = $node === null ? null : $xpath->query("style:{$group}-properties/@{$name}", $node)->item(0);
            if ($value !== null) {
                return $value->nodeValue;
            }
            $style = $node === null ? '' : $node->getAttribute('style:parent-style-name');
        }

        return $xpath->query("//style:default-style[@style:family='paragraph']/style:{$group}-properties/@{$name}")->item(0)->nodeValue ?? '';
    }

    /** @return list<string> the italic stretches of a paragraph */
    private function italics(\DOMXPath $xpath, int $paragraph): array
    {
        $node = $xpath->query('//office:text//text:p | //office:text//text:h')->item($paragraph);
        $found = [];
        foreach ($xpath->query('.//text:span', $node) as $span) {
            if ($this->property($xpath, $span->getAttribute('text:style-name'), 'text', 'fo:font-style') === 'italic') {
                $found[] = $span->textContent;
            }
        }

        return $found;
    }

    /** @return list<string> left and right margin, width and height */
    private function sheet(\DOMXPath $xpath): array
    {
        $properties = $xpath->query("//style:page-layout[@style:name = //style:master-page[@style:name='Standard']/@style:page-layout-name]/style:page-layout-properties")->item(0);

        return array_map(static fn (string $name): string => $properties->getAttribute($name), ['fo:margin-left', 'fo:margin-right', 'fo:page-width', 'fo:page-height']);
    }
}
