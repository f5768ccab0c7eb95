<?php

declare(strict_types=1);

namespace Standins\Workstation;

use RuntimeException;
use Standins\KeyPress;
use Standins\StandIns;
use Standins\Strip;
use Throwable;

/** Reports the folder to the server, and carries out the orders that it gets in return. */
final class Agent
{
    private const RETRY_AFTER_MS = 1000;

    private const MOST_REHEARSALS = 20;

    /** @var array<string, string|null> digest of each file as last reported */
    private array $reported = [];

    /** @var array<string, Strip> by rehearsal */
    private array $strips = [];

    private string $system = 'linux';

    public function __construct(private readonly Folder $folder, private readonly Server $server, private readonly StandIns $standIns)
    {
    }

    /** One round. Returns after how many ms the next one is due. */
    public function call(): int
    {
        if ($this->folder->isOffline()) {
            return self::RETRY_AFTER_MS;
        }
        try {
            [$files, $digests] = $this->files();
            $answer = $this->server->post('check-in', [
                'files' => $files,
                'copies' => $this->folder->copies(),
                'read_only' => $this->folder->isReadOnly(),
                'focus' => $this->folder->focus(),
            ]);
            $this->reported = $digests;
            $this->system = $answer['system'];
            foreach ($answer['orders'] as $order) {
                $this->carryOut($order);
            }

            // What an order changed is reported at once.
            return $answer['orders'] === [] ? $answer['poll_after_ms'] : 0;
        } catch (RuntimeException $error) {
            fwrite(STDERR, gmdate('c')." {$error->getMessage()}\n");

            return self::RETRY_AFTER_MS;
        }
    }

    /** @return array{list<array<string, string|null>>, array<string, string|null>} what to report, and the digests of it */
    private function files(): array
    {
        $files = [];
        $digests = [];
        foreach ($this->folder->applications() as $application) {
            $bytes = $this->folder->read($application);
            $digests[$application] = $bytes === null ? null : hash('sha256', $bytes);
            $file = ['application' => $application, 'sha256' => $digests[$application]];
            $isNews = ! array_key_exists($application, $this->reported) || $this->reported[$application] !== $digests[$application];
            $files[] = $isNews && $bytes !== null ? $file + ['bytes' => base64_encode($bytes)] : $file;
        }

        return [$files, $digests];
    }

    /** @param  array{id: int, kind: string, payload: array<string, mixed>}  $order */
    private function carryOut(array $order): void
    {
        try {
            $answer = match ($order['kind']) {
                'install' => $this->install($order['payload']),
                'put-back' => $this->putBack($order['payload']),
                'press' => $this->press($order['payload']),
                default => throw new RuntimeException("This agent cannot do {$order['kind']}."),
            };
            $this->server->post("orders/{$order['id']}/answer", ['done' => true, 'answer' => $answer]);
        } catch (Throwable $error) {
            $this->server->post("orders/{$order['id']}/answer", ['done' => false, 'answer' => ['error' => $error->getMessage()]]);
        }
    }

    /**
     * @param  array<string, mixed>  $payload
     * @return array<string, mixed>
     */
    private function install(array $payload): array
    {
        $files = [];
        foreach ($payload['files'] as $file) {
            $bytes = (string) base64_decode($file['bytes'], true);
            if (hash('sha256', $bytes) !== $file['sha256']) {
                throw new RuntimeException("The file for {$file['application']} did not arrive whole; nothing was written.");
            }
            $files[$file['application']] = $bytes;
        }
        foreach ($files as $application => $bytes) {
            if ($this->folder->read($application) !== $bytes) {
                $this->folder->write($application, $bytes);
            }
        }

        return ['written' => array_keys($files)];
    }

    /**
     * @param  array<string, mixed>  $payload
     * @return array<string, mixed>
     */
    private function putBack(array $payload): array
    {
        $bytes = $this->folder->copy($payload['copy']);
        $this->folder->write($payload['application'], $bytes);

        return ['sha256' => hash('sha256', $bytes)];
    }

    /**
     * @param  array<string, mixed>  $payload
     * @return array<string, mixed>
     */
    private function press(array $payload): array
    {
        $application = $payload['application'];
        $strip = $this->strips[$payload['rehearsal']] ??= new Strip();
        $this->strips = array_slice($this->strips, -self::MOST_REHEARSALS, null, true);
        if ($payload['gesture'] === 'let-go') {
            return $this->standIns->letGo($strip);
        }
        $press = new KeyPress($payload['code'], $payload['held'], $payload['characters'], $payload['dead'], $payload['gesture'] === 'hold');

        return $this->standIns->press(
            $application,
            $this->folder->read($application),
            $this->folder->read('desktop'),
            $this->system,
            $payload['focus'],
            $press,
            $strip,
        );
    }
}
