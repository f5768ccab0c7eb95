<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Application\Application;

/** All dialects by the names that catalogues use. */
final readonly class Dialects
{
    /** @param  array<string, Dialect>  $dialects by id */
    private function __construct(private array $dialects)
    {
    }

    public static function of(Dialect ...$dialects): self
    {
        return new self(array_combine(array_map(static fn (Dialect $one): string => $one->id(), $dialects), $dialects));
    }

    /** @throws UnknownDialect */
    public function for(Application $application): Dialect
    {
        return $this->dialects[$application->dialect] ?? throw UnknownDialect::named($application->dialect, array_keys($this->dialects));
    }

    /**
     * What a file says that somebody brought in for an application.
     *
     * @param  array<Application>  $others  whose it could be by mistake
     *
     * @throws UnreadableKeyFile which names the other application where the file is one of its
     */
    public function readFor(Application $application, string $bytes, array $others): KeyFile
    {
        $error = null;
        $file = null;
        try {
            $file = $this->for($application)->read($bytes, $application);
        } catch (UnreadableKeyFile $caught) {
            $error = $caught;
        }
        if ($file !== null && $file->entries !== []) {
            return $file;
        }
        $recognised = $this->recognise($bytes, $others);
        if (
            $recognised !== null &&
            $recognised->id !== $application->id &&
            $this->for($recognised)->read($bytes, $recognised)->entries !== []
        ) {
            throw UnreadableKeyFile::ofAnother($application->name, $recognised->name);
        }

        return $file ?? throw $error ?? UnreadableKeyFile::empty();
    }

    /**
     * For which of some applications a key file is written: the one that understands the most of it.
     *
     * @param  array<Application>  $applications
     */
    public function recognise(string $bytes, array $applications): ?Application
    {
        $best = null;
        $most = 0;
        foreach ($applications as $application) {
            try {
                $file = $this->for($application)->read($bytes, $application);
            } catch (UnreadableKeyFile) {
                continue;
            }
            $understood = count($file->entries) - count($file->findings);
            if ($best === null || $understood > $most) {
                [$best, $most] = [$application, $understood];
            }
        }

        return $best;
    }
}
