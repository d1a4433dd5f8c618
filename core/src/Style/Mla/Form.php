<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Mla;

use Bibrel\Core\Source\FormPlace;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Text\Letters;

/**
 * What an MLA entry says a source is where its title alone does not tell: "Editorial", "prompt", "special issue of".
 *
 * Source: MLA Handbook, 9th ed., 5.114.
 */
final readonly class Form
{
    public function __construct(private Source $source)
    {
    }

    /** The word that stands at a place in the entry; '' where none does. */
    public function at(FormPlace $place): string
    {
        return $this->source->kind->formPlace() === $place ? $this->source->kind->form : '';
    }

    /** At the end of the entry the description somebody gave goes before the kind's own. */
    public function atEnd(): string
    {
        if ($this->source->title->isEmpty()
            || $this->source->title->described
            || $this->source->kind->formPlace() !== FormPlace::AtEnd) {
            return '';
        }

        return Letters::capital($this->source->genre !== '' ? $this->source->genre : $this->source->kind->form);
    }
}
