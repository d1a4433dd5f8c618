<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Draft;

use Bibrel\Core\Draft\Format\Archive;
use Bibrel\Core\Draft\Format\DraftFile;
use Bibrel\Core\Draft\Layout\LayoutCheck;
use Bibrel\Core\Draft\Paragraph;
use Bibrel\Core\Draft\SourceList;
use Bibrel\Core\Format\Package;
use Bibrel\Core\Format\Page\Odt;
use Bibrel\Core\Format\PageSetup;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\RunningHead;
use Bibrel\Core\Style\Styles;
use PHPUnit\Framework\TestCase;

/** Drafts as .odt: those LibreOffice writes, and one by hand. */
final class OpenTextDraftTest extends TestCase
{
    private const NAMESPACES = 'xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0"'
        .' xmlns:style="urn:oasis:names:tc:opendocument:xmlns:style:1.0" xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0"'
        .' xmlns:fo="urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0" xmlns:dc="http://purl.org/dc/elements/1.1/"';

    public function test_text_is_read_as_it_is_seen(): void
    {
        $draft = (new DraftFile(self::file(
            '<text:tracked-changes><text:changed-region><text:deletion><text:p>gone</text:p></text:deletion></text:changed-region></text:tracked-changes>'
            .'<text:p text:style-name="P1">Two<text:s text:c="2"/>spaces,'."\n   ".'a <text:span text:style-name="T1">title</text:span>'
            .'<text:note text:note-class="footnote"><text:note-citation>1</text:note-citation><text:note-body><text:p>(Brook 9)</text:p></text:note-body></text:note>'
            .'<office:annotation><text:p>a remark</text:p></office:annotation>.</text:p>'
            .'<text:list><text:list-item><text:p>listed</text:p></text:list-item></text:list>',
        )))->document()->draft();
        self::assertSame(['Two  spaces, a title.', 'listed'], array_map(static fn (Paragraph $one): string => $one->text, $draft->paragraphs));
        self::assertSame('title', substr($draft->paragraphs[0]->text, $draft->paragraphs[0]->italics[0][0], 5));
        self::assertSame(['note 1', '(Brook 9)'], [$draft->notes[0]->note, $draft->notes[0]->text]);
        $look = $draft->paragraphs[0]->look;
        self::assertSame([2.0, 720, 0, 'both', 12.0, 'Tinos'], [$look->lines, $look->first, $look->after, $look->align, $look->size, $look->face]);
    }

    public function test_nothing_but_the_page_is_new_in_the_copy(): void
    {
        foreach ([self::file('<text:p text:style-name="P1">Some text (Brook 15).</text:p>'), ...self::written()] as $bytes) {
            $copy = (new DraftFile($bytes))->document()->withPage(self::page(['moonpower', 'lamps']), replaces: false);
            [$before, $after] = [WordFile::parts($bytes), WordFile::parts($copy)];
            foreach ($before as $name => $content) {
                if (! in_array($name, ['content.xml', 'styles.xml'], true)) {
                    self::assertSame($content, $after[$name] ?? null, $name);
                }
            }
            foreach (['content.xml' => 'text', 'styles.xml' => 'styles'] as $name => $in) {
                self::assertSame([], array_diff(self::canonical($before[$name], $in), self::canonical($after[$name], $in)), $name);
            }
            $paragraphs = (new DraftFile($copy))->document()->draft()->paragraphs;
            [$heading, $first] = array_slice($paragraphs, -3);
            self::assertSame(['Works Cited', true, 'center', 2.0], [$heading->text, $heading->look->breaksBefore, $heading->look->align, $heading->look->lines]);
            self::assertSame(['Brook, Halima. Moonpower. Quayside Press, 2014.', 720, -720], [$first->text, $first->look->left, $first->look->first]);
            self::assertEquals(
                array_map(static fn (Paragraph $one): array => [$one->text, $one->look], (new DraftFile($bytes))->document()->draft()->paragraphs),
                array_map(static fn (Paragraph $one): array => [$one->text, $one->look], array_slice($paragraphs, 0, -3)),
            );
        }
    }

    public function test_a_page_of_our_own_is_replaced_by_a_newer_one(): void
    {
        $own = (new Odt)->write(self::page(['moonpower', 'lamps']), new PageSetup(new RunningHead('Adeyemi')));
        $draft = (new DraftFile($own))->document()->draft();
        self::assertSame(['Works Cited', 'Adeyemi', true, 12240], [
            $draft->paragraphs[0]->text, $draft->sheet?->header, $draft->sheet?->hasNumber, $draft->sheet?->width,
        ]);
        $copy = (new DraftFile($own))->document()->withPage(self::page(['harrow', 'moonpower']), replaces: true);
        $texts = array_map(static fn (Paragraph $one): string => $one->text, (new DraftFile($copy))->document()->draft()->paragraphs);
        self::assertCount(3, $texts);
        self::assertStringStartsWith('Harrow, Ruth.', $texts[2]);
    }

    public function test_what_is_put_right_in_the_copy_is_right_there(): void
    {
        $long = WordFile::prose('It was so (Brook 15).');
        $bytes = self::file("<text:p text:style-name=\"P2\">{$long}</text:p><text:p text:style-name=\"Standard\">{$long}</text:p>");
        $check = new LayoutCheck(Styles::get('mla-9')->paper());
        $draft = (new DraftFile($bytes))->document()->draft();
        $wanted = ['line-spacing', 'space-between', 'first-line'];
        $issues = array_map(static fn ($one): string => $one->id, $check->issues($draft, null));
        self::assertSame($wanted, array_values(array_intersect($issues, $wanted)));
        $copy = (new DraftFile($bytes))->document()->withPage(self::page(['moonpower']), false, $check->mends($draft, null, $wanted));
        $mended = (new DraftFile($copy))->document()->draft();
        $left = array_map(static fn ($one): string => $one->id, $check->issues($mended, SourceList::find($mended)));
        self::assertSame([], array_intersect($left, $wanted));
        self::assertSame($long, $mended->paragraphs[0]->text);
    }

    public function test_what_is_put_right_later_keeps_what_was_put_right_before(): void
    {
        $long = WordFile::prose('It was so (Brook 15).');
        $bytes = self::file("<text:p text:style-name=\"P2\">{$long}</text:p><text:p text:style-name=\"Standard\">{$long}</text:p>");
        $check = new LayoutCheck(Styles::get('mla-9')->paper());
        foreach ([['line-spacing'], ['space-between', 'first-line']] as $wanted) {
            $draft = (new DraftFile($bytes))->document()->draft();
            $list = SourceList::find($draft);
            $bytes = (new DraftFile($bytes))->document()->withPage(self::page(['moonpower']), $list !== null, $check->mends($draft, $list, $wanted));
        }
        $mended = (new DraftFile($bytes))->document()->draft();
        $left = array_map(static fn ($one): string => $one->id, $check->issues($mended, SourceList::find($mended)));
        self::assertSame([], array_intersect($left, ['line-spacing', 'space-between', 'first-line']));
        preg_match_all('/<style:style [^>]*style:name="([^"]+)"/', Archive::open($bytes)->parts['content.xml'], $names);
        self::assertSame(array_unique($names[1]), $names[1]);
    }

    private static function file(string $text): string
    {
        return (new Package([
            'mimetype' => 'application/vnd.oasis.opendocument.text',
            'META-INF/manifest.xml' => '<manifest:manifest xmlns:manifest="urn:oasis:names:tc:opendocument:xmlns:manifest:1.0"/>',
            'content.xml' => '<office:document-content '.self::NAMESPACES.'><office:automatic-styles>'
                .'<style:style style:name="P1" style:family="paragraph" style:parent-style-name="Standard"><style:paragraph-properties'
                .' fo:line-height="200%" fo:text-indent="0.5in" fo:text-align="justify"/></style:style>'
                .'<style:style style:name="P2" style:family="paragraph" style:parent-style-name="Standard"><style:paragraph-properties'
                .' fo:line-height="115%" fo:margin-bottom="0.35cm"/></style:style>'
                .'<style:style style:name="T1" style:family="text"><style:text-properties fo:font-style="italic"/></style:style>'
                ."</office:automatic-styles><office:body><office:text>{$text}</office:text></office:body></office:document-content>",
            'styles.xml' => '<office:document-styles '.self::NAMESPACES.'><office:styles><style:style style:name="Standard"'
                .' style:family="paragraph"><style:text-properties fo:font-family="Tinos" fo:font-size="12pt"/></style:style></office:styles></office:document-styles>',
        ]))->bytes('mimetype');
    }

    /** @return list<string> */
    private static function written(): array
    {
        return array_map(static fn (string $file): string => (string) file_get_contents($file), glob(DraftCase::folder().'/files/*.odt') ?: []);
    }

    /** @param  list<string>  $ids */
    private static function page(array $ids): Page
    {
        return Page::compose(DraftCase::sources($ids), Styles::get('mla-9'), new CourseRules(links: true));
    }

    /** @return list<string> */
    private static function canonical(string $xml, string $in): array
    {
        $document = new \DOMDocument;
        $document->loadXML($xml);
        $nodes = [];
        foreach ($document->getElementsByTagNameNS('urn:oasis:names:tc:opendocument:xmlns:office:1.0', $in)->item(0)->childNodes ?? [] as $node) {
            $nodes[] = (string) $node->C14N(true);
        }

        return $nodes;
    }
}
