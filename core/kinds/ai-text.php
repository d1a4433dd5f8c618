<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\FormPlace;
use Bibrel\Core\Source\Kind;

return new Kind(
    id: 'ai-text',
    label: 'Text from a generative AI tool',
    group: 'Web',
    searchTerms: 'ai,chatbot,generated,prompt,language model,assistant,prompt answer',
    csl: 'software',
    bibtex: 'software',
    ris: 'COMP',
    containment: Containment::OnSite,
    fields: [
        ['title.main!', 'What you asked (the prompt)', 'Explain how a tide mill keeps time'],
        ['containers.0.title!', 'Name of the tool', 'Pelican Chat'],
        '...tool',
    ],
    bracketDescription: 'Large language model',
    keepsTitleCase: true,
    form: 'prompt',
    formPlace: FormPlace::AfterTitle,
    yearOnly: true,
    citesContainer: true,
    word: 'AI text',
    words: 'AI texts',
);
