<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Pdf;

/**
 * What TCPDF leaves out: the logical structure (ISO 32000-1, 14.7 and 14.8) by which a screen reader knows the heading
 * and the paragraphs of a sheet, and skips what stands in its head.
 */
final class TaggedPdf extends \TCPDF
{
    /**
     * @var list<array{tag: string, content: list<array{int, int}>}> elements, with sheet and number of their content
     */
    private array $elements = [];

    /** @var array<int, list<int>> by sheet, the elements its marked content belongs to */
    private array $owners = [];

    /** The object with the root of the structure. */
    private int $root = 0;

    /**
     * @param  float  $width  in points
     * @param  float  $height  in points
     */
    public function __construct(float $width, float $height)
    {
        parent::__construct('P', 'pt', [$width, $height]);
        $this->tcpdflink = false;
    }

    /** @return int the element, for what is written in it */
    public function element(string $tag): int
    {
        $this->elements[] = ['tag' => $tag, 'content' => []];

        return count($this->elements) - 1;
    }

    /** @param  string  $language  a code, where what follows is in another one than the document; else '' */
    public function begin(int $element, string $language = ''): void
    {
        $number = count($this->owners[$this->page] ?? []);
        $this->owners[$this->page][] = $element;
        ['tag' => $tag, 'content' => $content] = $this->elements[$element];
        $this->elements[$element] = ['tag' => $tag, 'content' => [...$content, [(int) $this->page, $number]]];
        $this->_out($language === ''
            ? "/{$tag} <</MCID {$number}>> BDC"
            : "/Span <</MCID {$number} /Lang ({$language})>> BDC");
    }

    public function beginArtifact(): void
    {
        $this->_out('/Artifact BMC');
    }

    public function end(): void
    {
        $this->_out('EMC');
    }

    protected function _putresources(): void
    {
        // A face that is always there and never used.
        $this->fontkeys = array_values(array_diff($this->fontkeys, ['helvetica']));
        parent::_putresources();
        $this->root = $this->n + 1;
        [$document, $first] = [$this->root + 1, $this->root + 2];
        $parents = '';
        foreach ($this->owners as $sheet => $owners) {
            $references = array_map(static fn (int $owner): string => ($first + $owner).' 0 R', $owners);
            $parents .= ($sheet - 1).' ['.implode(' ', $references).'] ';
        }
        $this->object("<< /Type /StructTreeRoot /K {$document} 0 R /ParentTree << /Nums [{$parents}] >> >>");
        $children = implode(
            ' ',
            array_map(static fn (int $i): string => ($first + $i).' 0 R', array_keys($this->elements)),
        );
        $this->object("<< /Type /StructElem /S /Document /P {$this->root} 0 R /K [{$children}] >>");
        foreach ($this->elements as $element) {
            $content = '';
            foreach ($element['content'] as [$sheet, $number]) {
                $content .= "<< /Type /MCR /Pg {$this->page_obj_id[$sheet]} 0 R /MCID {$number} >> ";
            }
            $this->object("<< /Type /StructElem /S /{$element['tag']} /P {$document} 0 R /K [{$content}] >>");
        }
    }

    /** @param  string  $s */
    protected function _out($s): void
    {
        // Only what is written once the document ends is no content of a sheet.
        if ($this->state === 1) {
            $s = $this->withStructure((string) $s);
        }
        parent::_out($s);
    }

    /** A sheet and the document themselves, which say where their structure is. */
    private function withStructure(string $object): string
    {
        $sheet = count($this->page_obj_id) - 1;
        $said = match (preg_match('~^<<\s+/Type /(Page|Catalog)\s~', $object, $m) === 1 ? $m[1] : '') {
            'Page' => "/StructParents {$sheet} /Tabs /S",
            'Catalog' => "/MarkInfo << /Marked true >> /StructTreeRoot {$this->root} 0 R",
            default => '',
        };

        return $said === '' ? $object : "<< {$said}".substr($object, 2);
    }

    private function object(string $dictionary): void
    {
        $this->_newobj();
        $this->_out("{$dictionary}\nendobj");
    }
}
