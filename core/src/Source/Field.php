<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/** One field of a kind's form: what it is called there, how much it matters, and help in four short sentences. */
final readonly class Field
{
    /**
     * @param  string  $what  what the field is
     * @param  string  $where  where on the source to look
     * @param  string  $example  an invented value
     * @param  string  $mistake  the common slip
     */
    public function __construct(
        public FieldPath $path,
        public string $label,
        public Need $need = Need::Optional,
        public string $what = '',
        public string $where = '',
        public string $example = '',
        public string $mistake = '',
    ) {
    }

    /** Whether it is asked at once: what an entry hardly ever goes without, and who made it. */
    public function isOnFirstForm(): bool
    {
        return $this->need !== Need::Optional || $this->path === FieldPath::contributors();
    }

    /** @return list<FieldPath> fields that bring it onto the first form once one of them is filled in */
    public function askedWith(): array
    {
        return $this->path !== FieldPath::accessed() ? [] : array_map(
            static fn (int $level): FieldPath => ContainerField::Url->at($level),
            range(0, FieldPath::CONTAINERS - 1),
        );
    }

    /** Whether what stands in it may be words of the source itself, and not the student's, or an address. */
    public function isOnSource(): bool
    {
        $own = [FieldPath::accessed(), FieldPath::annotation(), FieldPath::language()];

        return ! in_array($this->path, $own, true) && $this->path->field !== ContainerField::Url;
    }

    public function form(): FieldForm
    {
        return match (true) {
            $this->path->isPeople() => FieldForm::People,
            $this->path->isDate() => FieldForm::Date,
            $this->path === FieldPath::title(), $this->path === FieldPath::subtitle() => FieldForm::Title,
            $this->path === FieldPath::annotation() => FieldForm::Long,
            default => FieldForm::Line,
        };
    }

    /** @return array<string, string> */
    public function toArray(): array
    {
        return [
            'path' => $this->path->key,
            'label' => $this->label,
            'need' => $this->need->value,
            'what' => $this->what,
            'where' => $this->where,
            'example' => $this->example,
            'mistake' => $this->mistake,
        ];
    }
}
