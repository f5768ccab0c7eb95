<?php

declare(strict_types=1);

namespace Standins\Cutloom;

use RuntimeException;

final class BadKeyFile extends RuntimeException
{
}
