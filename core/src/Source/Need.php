<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

enum Need: string
{
    case Required = 'required';
    case Expected = 'expected';
    case Optional = 'optional';
}
