<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Exchange\CslJson;

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Text;

/** Which kind of source a CSL-JSON item is: its type, and where one type covers several kinds, what else it says. */
final readonly class ItemKind
{
    /** @param  array<string, mixed>  $item */
    public function __construct(private array $item)
    {
    }

    public function kind(): Kind
    {
        foreach (self::rules()[Text::of($this->item, 'type')] ?? [] as $rule) {
            if ($this->holds($rule)) {
                return Kinds::all()->get($rule['kind']);
            }
        }

        return Kinds::all()->get(Kinds::FALLBACK);
    }

    /** @param  array{kind: string, says?: string, has?: list<string>, hasNo?: list<string>}  $rule */
    private function holds(array $rule): bool
    {
        $has = fn (string $variable): bool => Text::of($this->item, $variable) !== '';
        $words = mb_strtolower(Text::of($this->item, 'genre').' '.Text::of($this->item, 'medium'));

        return preg_match('/'.($rule['says'] ?? '').'/u', $words) === 1
            && array_filter($rule['has'] ?? [], static fn (string $one): bool => ! $has($one)) === []
            && array_filter($rule['hasNo'] ?? [], $has) === [];
    }

    /**
     * @return array<string, list<array{kind: string, says?: string, has?: list<string>, hasNo?: list<string>}>> by type
     */
    private static function rules(): array
    {
        static $rules = null;

        return $rules ??= require dirname(__DIR__, 4).'/data/csl-kinds.php';
    }
}
