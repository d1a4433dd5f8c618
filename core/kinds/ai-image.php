<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\FormPlace;
use Bibrel\Core\Source\Kind;

return new Kind(
    id: 'ai-image',
    label: 'Image from a generative AI tool',
    group: 'Pictures',
    searchTerms: 'ai,generated,image,picture,art,generator,prompt,generated picture',
    csl: 'graphic',
    ris: 'ART',
    genres: ['AI-generated image'],
    containment: Containment::OnSite,
    fields: [
        ['title.main!', 'What you asked for (the prompt)', 'A tide mill at dawn in the manner of an etching'],
        ['containers.0.title!', 'Name of the tool', 'Pelican Paint'],
        '...tool',
    ],
    bracketDescription: 'Text-to-image model',
    keepsTitleCase: true,
    form: 'prompt',
    formPlace: FormPlace::AfterTitle,
    yearOnly: true,
    citesContainer: true,
    isImage: true,
    word: 'AI image',
    words: 'AI images',
);
