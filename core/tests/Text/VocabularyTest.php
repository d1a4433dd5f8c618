<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Text;

use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Read\Catalogue\Responsibility;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\PartialDate;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Style\SortKey;
use Bibrel\Core\Text\Vocabulary;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Words of languages: each stands once, and everything that looks for it finds it there. */
final class VocabularyTest extends TestCase
{
    #[DataProvider('dates')]
    public function test_a_date_is_read_in_its_language(string $typed, string $edtf): void
    {
        self::assertSame($edtf, PartialDate::parse($typed)->edtf());
    }

    /** @return iterable<string, array{string, string}> */
    public static function dates(): iterable
    {
        yield 'English' => ['3 September 2019', '2019-09-03'];
        yield 'French' => ['3 août 2019', '2019-08-03'];
        yield 'Spanish' => ['3 enero 2019', '2019-01-03'];
        yield 'German' => ['3 März 2019', '2019-03-03'];
        yield 'Italian' => ['3 giugno 2019', '2019-06-03'];
    }

    public function test_names_bylines_title_pages_and_order_know_the_words(): void
    {
        self::assertSame('van der', Name::parse('Ludo van der Berg')->particle);
        self::assertTrue(Name::isOrganisation('Low Tide Consortium'));
        self::assertSame('Halima Brook', Bylines::contributors('Par Halima Brook')[0]->name->direct());
        self::assertSame(Role::Editor, (new Responsibility('a cura di Noor Castellan'))->role('Castellan'));
        self::assertSame('marée longue', mb_strtolower(SortKey::title('La marée longue', 'fr')));
    }

    public function test_a_language_is_its_file(): void
    {
        $folder = sys_get_temp_dir().'/bibrel-words-'.getmypid();
        mkdir($folder);
        copy(dirname(__DIR__, 2).'/data/words/en.php', "{$folder}/en.php");
        file_put_contents("{$folder}/cy.php", "<?php return ['months' => [['Ionawr'], ['Chwefror']], 'by' => ['gan']];");
        $words = new Vocabulary($folder);
        array_map(unlink(...), glob("{$folder}/*.php") ?: []);
        rmdir($folder);
        self::assertSame([2, 2], [$words->monthNumber('Chwefror'), $words->monthNumber('Feb.')]);
        self::assertMatchesRegularExpression('/^(?:'.$words->monthPattern().')$/iu', 'ionawr');
        self::assertContains('gan', $words->list('by'));
        self::assertNull($words->monthNumber('janvier'));
    }
}
