<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Exchange\Bibtex;

/** Turns the LaTeX of a BibTeX field into text: accents, special letters, dashes, quotation marks, commands. */
final readonly class Latex
{
    private const ACCENTS = [
        '`' => "\u{300}", "'" => "\u{301}", '^' => "\u{302}", '~' => "\u{303}", '=' => "\u{304}", 'u' => "\u{306}",
        '.' => "\u{307}", '"' => "\u{308}", 'r' => "\u{30A}", 'H' => "\u{30B}", 'v' => "\u{30C}", 'd' => "\u{323}",
        'c' => "\u{327}", 'k' => "\u{328}", 'b' => "\u{331}",
    ];

    private const LETTERS = [
        'ss' => 'ß', 'ae' => 'æ', 'AE' => 'Æ', 'oe' => 'œ', 'OE' => 'Œ', 'aa' => 'å', 'AA' => 'Å', 'o' => 'ø',
        'O' => 'Ø', 'l' => 'ł', 'L' => 'Ł', 'i' => 'ı', 'j' => 'ȷ', 'dh' => 'ð', 'th' => 'þ', 'TH' => 'Þ', 'DH' => 'Ð',
        'dj' => 'đ', 'DJ' => 'Đ', 'ng' => 'ŋ', 'NG' => 'Ŋ', 'textasciitilde' => '∼', 'textendash' => '–',
        'emdash' => '—', 'endash' => '–', 'slash' => '/',
        'textemdash' => '—', 'ldots' => '…', 'dots' => '…', 'textquoteright' => '’', 'textquoteleft' => '‘',
        'textquotedblleft' => '“', 'textquotedblright' => '”', 'copyright' => '©', 'S' => '§', 'TeX' => 'TeX',
        'LaTeX' => 'LaTeX',
    ];

    /** What stands between dollar signs in titles: Greek letters, and signs. */
    private const SIGNS = [
        'alpha' => 'α', 'beta' => 'β', 'gamma' => 'γ', 'delta' => 'δ', 'epsilon' => 'ε', 'varepsilon' => 'ε',
        'zeta' => 'ζ', 'eta' => 'η', 'theta' => 'θ', 'iota' => 'ι', 'kappa' => 'κ', 'lambda' => 'λ', 'mu' => 'μ',
        'nu' => 'ν', 'xi' => 'ξ', 'pi' => 'π', 'rho' => 'ρ', 'sigma' => 'σ', 'tau' => 'τ', 'upsilon' => 'υ',
        'phi' => 'φ', 'varphi' => 'φ', 'chi' => 'χ', 'psi' => 'ψ', 'omega' => 'ω', 'Gamma' => 'Γ', 'Delta' => 'Δ',
        'Theta' => 'Θ', 'Lambda' => 'Λ', 'Xi' => 'Ξ', 'Pi' => 'Π', 'Sigma' => 'Σ', 'Phi' => 'Φ', 'Psi' => 'Ψ',
        'Omega' => 'Ω', 'times' => '×', 'pm' => '±', 'cdot' => '·', 'to' => '→', 'rightarrow' => '→', 'leq' => '≤',
        'le' => '≤', 'geq' => '≥', 'ge' => '≥', 'sim' => '∼', 'approx' => '≈', 'infty' => '∞', 'circ' => '°',
        'prime' => '′',
    ];

    private const RAISED = [
        '0' => '⁰', '1' => '¹', '2' => '²', '3' => '³', '4' => '⁴', '5' => '⁵', '6' => '⁶', '7' => '⁷', '8' => '⁸',
        '9' => '⁹', '+' => '⁺', '-' => '⁻', 'n' => 'ⁿ',
    ];

    private const LOWERED = [
        '0' => '₀', '1' => '₁', '2' => '₂', '3' => '₃', '4' => '₄', '5' => '₅', '6' => '₆', '7' => '₇', '8' => '₈',
        '9' => '₉', '+' => '₊', '-' => '₋',
    ];

    public function __construct(private string $latex)
    {
    }

    /** @param  bool  $title  braces around capitals keep them (`nocase`), `\emph` becomes `<i>` */
    public function text(bool $title = false): string
    {
        $text = (string) preg_replace('/\\\\url\s*\{([^{}]*)\}/', '$1', $this->latex);
        $text = self::doubled($text);
        $text = (string) preg_replace_callback(
            '/\\\\([`\'^~=."])\s*(?:\{\s*\\\\?([A-Za-z])\s*\}|\\\\?([A-Za-z]))|\\\\([uvHrcdbk])\s*(?:\{\s*\\\\?([A-Za-z])\s*\}|\s\\\\?([A-Za-z]))/',
            self::accented(...),
            $text,
        );
        $text = (string) preg_replace_callback(
            '/(?<!\\\\)\$([^$]{1,80})(?<!\\\\)\$/',
            static fn (array $m): string => self::formula($m[1]),
            $text,
        );
        $text = (string) preg_replace_callback(
            '/\\\\([A-Za-z]+)(?:\{\}|\s+(?=\S)|(?=(\{))|(?=[^A-Za-z])|$)/',
            self::named(...),
            $text,
        );
        if ($title) {
            $text = (string) preg_replace('/\\\\(?:emph|textit|it)\s*\{([^{}]*)\}/', '<i>$1</i>', $text);
        }
        $text = (string) preg_replace('/\\\\[A-Za-z]+\*?\s*(?:\[[^\]]*\])?(?=\{)/', '', $text);
        $text = (string) preg_replace('/\\\\([&%$#_{}])/', "\u{E000}$1", $text);
        $text = strtr(
            $text,
            [
                '"=' => '-', '\\,' => ' ', '\\;' => ' ', '\\ ' => ' ', '\\-' => '', '\\/' => '', '---' => '—',
                '--' => '–',
                '``' => '“', "''" => '”', '~' => "\u{A0}",
            ],
        );
        if ($title) {
            // Braces that hold a whole word or more keep its capitals; within a word they only join letters.
            $text = (string) preg_replace(
                '/(?<![\p{L}\p{M}])\{([^{}]*\p{Lu}[^{}]*)\}(?![\p{L}])/u',
                '<span class="nocase">$1</span>',
                $text,
            );
        }
        $text = (string) preg_replace('/(?<!\x{E000})[{}]/u', '', $text);
        $text = (string) preg_replace('/\\\\[A-Za-z]+\s?|\\\\(?=[^A-Za-z])/', '', $text);

        return trim(
            (string) preg_replace(
                ['/<span class="nocase">\s*<\/span>/', '/[\s\x{A0}]+/u'],
                ['', ' '],
                str_replace("\u{E000}", '', $text),
            ),
        );
    }

    /**
     * A command without an argument: a letter, or a name set in its own way (`\METAFONT`), which is its own text.
     *
     * @param  array<int, string>  $m
     */
    private static function named(array $m): string
    {
        return self::LETTERS[$m[1]]
            ?? (preg_match('/^\p{Lu}{2}|^\p{Lu}?\p{Ll}+\p{Lu}/u', $m[1]) === 1 && ($m[2] ?? '') === '' ? $m[1] : $m[0]);
    }

    /**
     * A short formula in plain characters: "H_2O", "^7", "10 \mu m". What has no character of its own stays as it is.
     */
    private static function formula(string $formula): string
    {
        $text = (string) preg_replace_callback(
            '/\\\\([A-Za-z]+)\s*/',
            static fn (array $m): string => self::SIGNS[$m[1]] ?? $m[0],
            $formula,
        );

        return (string) preg_replace_callback(
            '/([_^])\s*(?:\{([^{}]*)\}|(\S))/u',
            static function (array $m): string {
                $inner = $m[3] ?? $m[2] ?? '';
                $small = strtr($inner, $m[1] === '_' ? self::LOWERED : self::RAISED);

                return preg_match('/^[^\x00-\x7F]+$/u', $small) === 1 ? $small : $inner;
            },
            $text,
        );
    }

    /** One accent on another, "\\~{\\^e}", which is one letter. */
    private static function doubled(string $text): string
    {
        return (string) preg_replace_callback(
            '/\\\\([`\'^~=."uvHrcdbk])\s*\{\s*\\\\([`\'^~=."uvHrcdbk])\s*(?:\{\s*([A-Za-z])\s*\}|([A-Za-z]))\s*\}/',
            static fn (array $m): string => (string) \Normalizer::normalize(
                ($m[4] ?? $m[3] ?? '').self::ACCENTS[$m[2]].self::ACCENTS[$m[1]],
                \Normalizer::FORM_C,
            ),
            $text,
        );
    }

    /** @param  array<int, string>  $m */
    private static function accented(array $m): string
    {
        $accent = $m[1] !== '' ? $m[1] : $m[4];
        $letter = implode('', array_slice($m, $m[1] !== '' ? 2 : 5, 2));

        return (string) \Normalizer::normalize($letter.self::ACCENTS[$accent], \Normalizer::FORM_C);
    }
}
