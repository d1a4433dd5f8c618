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

    /** What the form calls it. */
    public function label(): string
    {
        return RoleWords::all()->word($this, 'label');
    }
}
