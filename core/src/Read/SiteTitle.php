<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

use Bibrel\Core\Source\Text;
use Bibrel\Core\Text\HeadlineCase;
use Bibrel\Core\Text\Letters;

/** A page's title as found, parted from the site's name stuck to it, and out of capitals. */
final readonly class SiteTitle
{
    /**
     * @param  string  $title  tidied
     * @param  string  $removed  what was taken off, with its mark: " | Slack Water Review"
     * @param  bool  $lowered  whether it stood in capitals throughout
     */
    private function __construct(public string $title, public string $removed, public bool $lowered)
    {
    }

    /**
     * @param  list<string>  $siteNames  what the site calls itself, as far as it is known
     */
    public static function tidy(string $found, array $siteNames): self
    {
        $title = Text::line($found);
        $removed = '';
        foreach ($siteNames as $site) {
            if ($site === '') {
                continue;
            }
            $name = preg_quote($site, '/');
            if (preg_match("/^(.{3,}?)(\\s*[|·•–—:»>-]+\\s*(?:the\\s+)?{$name})$/iu", $title, $m) === 1) {
                [$title, $removed] = [$m[1], $m[2]];
                break;
            }
            if (preg_match("/^({$name}\\s*[|·•–—:»>-]+\\s*)(.{3,})$/iu", $title, $m) === 1
                || preg_match("/^({$name}\\s+)(#\\d.*)$/iu", $title, $m) === 1) {
                [$title, $removed] = [$m[2], $m[1]];
                break;
            }
        }
        $capitals = Letters::isAllCapitals($title) && str_contains($title, ' ');

        return new self($capitals ? (new HeadlineCase($title))->text() : $title, trim($removed), $capitals);
    }

    /**
     * What stands next to the heading in the page's title element, after or before a mark: the site's name, since the
     * heading does not have it; '' where there is nothing to compare with.
     */
    public static function besides(string $title, string $heading): string
    {
        $title = Text::line($title);
        // In brackets several words are the larger work: "Tide Mills (Lamplore Encyclopedia)"; a year or one word is
        // not.
        if ($heading !== ''
            && preg_match(
                '/^'.preg_quote(Text::line($heading), '/').'\s+\((\p{Lu}[\p{L}’\'-]* [^()]{3,70})\)$/iu',
                $title,
                $m,
            ) === 1) {
            return $m[1];
        }
        $heading = preg_quote(Text::line($heading), '/');

        // Before the heading a hyphen needs its spaces, or "Twenty-one" would part in two.
        return $heading !== ''
            && preg_match(
                "/^(?:{$heading}\\s*[|·•–—:»-]+\\s*(.{2,80})|(.{2,80}?)(?:\\s+[|·•–—»-]+|:+)\\s+{$heading})$/iu",
                $title,
                $m,
            ) === 1
            && preg_match('/^by\s/i', $m[2] ?? $m[1]) !== 1
            ? trim($m[2] ?? $m[1], ' :')
            : '';
    }

    /** The site in "Title on Site", where the heading says "Title"; '' where there is none. */
    public static function on(string $title, string $heading): string
    {
        return $heading !== ''
            && preg_match(
                '/^'.preg_quote(Text::line($heading), '/').'\s+on\s+(\p{Lu}[\p{L}\p{N}.&’\' ]{1,40})$/u',
                Text::line($title),
                $m,
            ) === 1
            ? $m[1]
            : '';
    }

    /** @return list<string> what stands between the bars and spaced dashes of a title element */
    public static function parts(string $title): array
    {
        // Where words have no spaces between them, a low line stands for the bar.
        return preg_split(

            '/\s+[|·•–—»-]+\s+|\s*\|\s*|\s+::\s+|(?<=[\x{3000}-\x{9fff}\x{ac00}-\x{d7a3}])_(?=[\x{3000}-\x{9fff}\x{ac00}-\x{d7a3}])/u',
            Text::line($title),
            -1,
            PREG_SPLIT_NO_EMPTY,
        )
            ?: [$title];
    }

    /** The last part after a bar: it may be the site's name, or belong to the title. */
    public static function suffix(string $title): string
    {
        return preg_match('/^.{3,}\s[|·•–—»-]\s([^|·•–—»]{2,60})$/u', Text::line($title), $m) === 1 ? $m[1] : '';
    }
}
