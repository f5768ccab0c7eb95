<?php

declare(strict_types=1);

namespace Zebrafinch\Agent;

use RuntimeException;

/** The server did not answer, or not as it should; it is asked again later. */
final class ServerSilent extends RuntimeException
{
}
