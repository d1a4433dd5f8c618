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
        $isEnded = false;
        while ($words !== []) {
            $word = array_shift($words);
            if ($word === '--' && ! $isEnded) {
                $isEnded = true;
            } elseif ($isEnded || ! str_starts_with($word, '--')) {
                $file = $file === null ? $word : throw new UsageError("One file at a time: “{$file}” or “{$word}”.");
            } else {
                [$name, $value] = self::option($word, $words, $valued, $flags);
                if (isset($options[$name])) {
                    throw new UsageError("--{$name} is given twice. Give it once.");
                }
                $options[$name] = $value;
            }
        }

        return new self($options, $file);
    }

    /**
     * @param  list<string>  $words  what follows; a value is taken off it
     * @param  list<string>  $valued
     * @param  list<string>  $flags
     * @return array{string, string} name and value
     *
     * @throws UsageError
     */
    private static function option(string $word, array &$words, array $valued, array $flags): array
    {
        [$name, $value] = str_contains($word, '=') ? explode('=', substr($word, 2), 2) : [substr($word, 2), null];
        if (in_array($name, $flags, true)) {
            return $value === null ? [$name, '1'] : throw new UsageError("--{$name} takes no value.");
        }
        if (! in_array($name, $valued, true)) {
            $known = [...$valued, ...$flags];

            throw new UsageError("--{$name} is not an option here. ".($known === []
                ? 'There are none.'
                : 'Known: --'.implode(', --', $known).'.'));
        }
        $value ??= array_shift($words);

        return $value === null || $value === '--'
            ? throw new UsageError("--{$name} needs a value.")
            : [$name, $value];
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
        return $this->file !== null && $this->file !== '-'
            ? self::read($this->file)
            : (string) stream_get_contents(STDIN);
    }

    /**
     * What is in the file an option names.
     *
     * @throws UsageError
     */
    public function bytes(string $option): string
    {
        return self::read($this->required($option));
    }

    /** @throws UsageError */
    private static function read(string $file): string
    {
        $bytes = is_file($file) ? @file_get_contents($file) : false;

        return $bytes === false ? throw new UsageError("The file “{$file}” cannot be read.") : $bytes;
    }
}
