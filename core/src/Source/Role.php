<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/** What somebody did for a source. How a style words it is the style's own matter. */
enum Role: string
{
    case Author = 'author';
    case Artist = 'artist';
    case Photographer = 'photographer';
    case Composer = 'composer';
    case Performer = 'performer';
    case Speaker = 'speaker';
    case Interviewee = 'interviewee';
    case Interviewer = 'interviewer';
    case Recipient = 'recipient';
    case Editor = 'editor';
    case Translator = 'translator';
    case Compiler = 'compiler';
    case Illustrator = 'illustrator';
    case Introduction = 'introduction';
    case Foreword = 'foreword';
    case Afterword = 'afterword';
    case Director = 'director';
    case Writer = 'writer';
    case Producer = 'producer';
    case ExecutiveProducer = 'executive-producer';
    case Host = 'host';
    case Narrator = 'narrator';
    case Conductor = 'conductor';
    case Uploader = 'uploader';
    case ReviewedAuthor = 'reviewed-author';
    case Inventor = 'inventor';
    case Curator = 'curator';
    case Creator = 'creator';

    public function label(): string
    {
        return match ($this) {
            self::ExecutiveProducer => 'Executive producer',
            self::Introduction => 'Wrote the introduction',
            self::Foreword => 'Wrote the foreword',
            self::Afterword => 'Wrote the afterword',
            self::ReviewedAuthor => 'Author of the work reviewed',
            self::Uploader => 'Uploaded by',
            default => ucfirst($this->value),
        };
    }

    /** Whether somebody in this role stands first in an entry without a word about what they did. */
    public function isMaker(): bool
    {
        return in_array($this, [self::Author, self::Artist, self::Photographer, self::Composer, self::Speaker, self::Interviewee, self::Inventor, self::Creator], true);
    }
}
