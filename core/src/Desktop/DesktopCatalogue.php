<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Desktop;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Application\Commands;
use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Application\ContextTree;
use Zebrafinch\Core\Application\LoadingRule;
use Zebrafinch\Core\Application\Precedence;

/**
 * The desktop seen as an application: its commands are the menu titles of the real ones, each in a context that is its
 * application. So a title is bound, searched, saved and given to suites like any command.
 */
final readonly class DesktopCatalogue
{
    public const ID = Context::DESKTOP;

    public const DIALECT = 'desktop-titles';

    /** @param  array<Application>  $applications */
    public static function of(array $applications): Application
    {
        $applications = array_values($applications);

        return Application::of(
            self::ID,
            'Desktop',
            'choosing menu titles in any application',
            ContextTree::of(
                new Context(ContextTree::EVERYWHERE, 'Any application', null),
                ...array_map(
                    static fn (Application $one): Context => new Context($one->id, $one->name, ContextTree::EVERYWHERE),
                    $applications,
                ),
            ),
            Precedence::DeeperFirst,
            LoadingRule::LastLineWins,
            self::DIALECT,
            Commands::of(array_merge(...array_map(self::titles(...), $applications))),
        );
    }

    /** The command of the desktop that chooses a menu title. */
    public static function command(string $application, string $title): string
    {
        return "{$application}/{$title}";
    }

    /** The title that such a command chooses. */
    public static function title(string $command): string
    {
        return substr($command, (int) strpos($command, '/') + 1);
    }

    /**
     * What each menu title of an application runs. Where two items have one title the desktop finds the first.
     *
     * @return array<string, string> ids of commands by title
     */
    public static function titlesOf(Application $application): array
    {
        $titles = [];
        foreach ($application->commands() as $command) {
            if ($command->menu !== []) {
                $titles[$command->menu[count($command->menu) - 1]] ??= $command->id;
            }
        }

        return $titles;
    }

    /** @return list<Command> */
    private static function titles(Application $application): array
    {
        $commands = [];
        foreach (self::titlesOf($application) as $title => $id) {
            $command = $application->command($id);
            $commands[] = new Command(
                self::command($application->id, (string) $title),
                (string) $title,
                $command->menu,
                $command->tooltip,
                $application->id,
                $command->traits,
            );
        }

        return $commands;
    }
}
