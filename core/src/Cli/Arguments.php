<?php

declare(strict_types=1);

namespace Bibrel\Core\Cli;

/** The words after a command: `--name value`, `--flag` and at most one file. */
final readonly class Arguments
{
    /** @param  array<string, string>  $options */
    private function __construct(private array $options, public ?string $file)
    {
    }

    /**
     * @param  list<string>  $words
     * @param  list<string>  $valued  options that take a value
     * @param  list<string>  $flags  options that do not
     *
     * @throws UsageError
     */
    public static function parse(array $words, array $valued, array $flags = []): self
    {
        $options = [];
        $file = null;
        while ($words !== []) {
            $word = array_shift($words);
            if (! str_starts_with($word, '--')) {
                if ($file !== null) {
                    throw new UsageError("One file at a time: “{$file}” or “{$word}”.");
                }
                $file = $word;

                continue;
            }
            [$name, $value] = str_contains($word, '=') ? explode('=', substr($word, 2), 2) : [substr($word, 2), null];
            if (in_array($name, $flags, true)) {
                $options[$name] = '1';
            } elseif (in_array($name, $valued, true)) {
                $options[$name] = $value ?? array_shift($words) ?? throw new UsageError("--{$name} needs a value.");
            } else {
                throw new UsageError(
                    "--{$name} is not an option here. Known: --".implode(', --', [...$valued, ...$flags]).'.',
                );
            }
        }

        return new self($options, $file);
    }

    public function get(string $name, string $default = ''): string
    {
        return $this->options[$name] ?? $default;
    }

    public function has(string $name): bool
    {
        return isset($this->options[$name]);
    }

    /** @throws UsageError */
    public function required(string $name): string
    {
        return $this->options[$name] ?? throw new UsageError("--{$name} is missing.");
    }

    /**
     * The text of the file, or of standard input.
     *
     * @throws UsageError
     */
    public function input(): string
    {
        if ($this->file !== null && $this->file !== '-') {
            $text = is_file($this->file) ? @file_get_contents($this->file) : false;

            return $text === false ? throw new UsageError("The file “{$this->file}” cannot be read.") : $text;
        }

        return (string) stream_get_contents(STDIN);
    }
}
