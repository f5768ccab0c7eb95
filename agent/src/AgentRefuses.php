<?php

declare(strict_types=1);

namespace Zebrafinch\Agent;

use RuntimeException;

/** Why the agent does not do what it was asked to, in words for whoever looks after the workstation. */
final class AgentRefuses extends RuntimeException
{
}
