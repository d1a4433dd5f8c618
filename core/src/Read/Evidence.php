<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

/** Where a value was found, as a sentence a student understands, and the text that was matched there. */
final readonly class Evidence
{
    /**
     * @param  string  $where  "From the page’s own metadata."
     * @param  string  $text  the matched text, as it stands there
     * @param  bool  $visible  whether the text can be seen in the page copy
     * @param  bool  $isAddress  whether it is the address of the page and nothing on it
     */
    public function __construct(
        public string $where,
        public string $text = '',
        public bool $visible = false,
        public bool $isAddress = false,
    ) {
    }

    /** @param  array<string, mixed>  $json  as toArray gives it */
    public static function fromArray(array $json): self
    {
        return new self(
            (string) ($json['where'] ?? ''),
            (string) ($json['text'] ?? ''),
            (bool) ($json['visible'] ?? false),
        );
    }

    /** @return array{where: string, text: string, visible: bool} */
    public function toArray(): array
    {
        return ['where' => $this->where, 'text' => $this->text, 'visible' => $this->visible];
    }
}
