<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Read;

use Bibrel\Core\Format\Exchange\Bibtex\Latex;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LatexTest extends TestCase
{
    #[DataProvider('fields')]
    public function test_a_field_in_plain_text(string $latex, string $text): void
    {
        self::assertSame($text, (new Latex($latex))->text());
    }

    /** @return iterable<string, array{string, string}> */
    public static function fields(): iterable
    {
        yield 'nothing' => ['', ''];
        yield 'accents' => ['Fran\c{c}ois G{\"o}del \v{S}koda', 'François Gödel Škoda'];
        yield 'a lowered figure' => ['The H$_2$O and CO$_{12}$ of mud', 'The H₂O and CO₁₂ of mud'];
        yield 'a raised figure' => ['$^7$Be in tidal mud', '⁷Be in tidal mud'];
        yield 'a raised sign' => ['Ca$^{2+}$ in eels', 'Ca²⁺ in eels'];
        yield 'a Greek letter' => ['Lamps at 10 $\mu$m', 'Lamps at 10 μm'];
        yield 'a letter with a command after it' => ['$\alpha$-carotene', 'α-carotene'];
        yield 'a letter that cannot be lowered' => ['The $k_x$ of waves', 'The kx of waves'];
        yield 'a name set in its own way' => ['The {\METAFONT} of mills', 'The METAFONT of mills'];
        yield 'another' => ['Why \BibTeX\ and mills', 'Why BibTeX and mills'];
        yield 'a command with an argument is not its text' => ['\MakeUppercase{mills} and \textsc{lamps}', 'mills and lamps'];
        yield 'money' => ['A \$5 lamp and a \$6 lamp', 'A $5 lamp and a $6 lamp'];
        yield 'one dollar sign' => ['The $ in mills', 'The $ in mills'];
    }

    public function test_emphasis_is_kept_in_titles_alone(): void
    {
        self::assertSame('Reading <i>Moonpower</i>', (new Latex('Reading \emph{Moonpower}'))->text(title: true));
        self::assertSame('Reading Moonpower', (new Latex('Reading \emph{Moonpower}'))->text());
        self::assertSame('', (new Latex(''))->text(title: true));
    }
}
