<?php

declare(strict_types=1);

namespace Zebrafinch\Agent;

/** What the agent of a workstation is told when it is installed. */
final class Settings
{
    /**
     * @param  string  $server  address, as http://127.0.0.1:8460
     * @param  string  $token  of the suite
     * @param  string  $suite  its name in addresses
     * @param  string  $houseKey  public key of the house in hex, for bundles on a stick; empty where there are none
     * @param  string  $state  a folder of the agent's own
     * @param  array<string, string>  $files  path of the key file by application
     * @param  array<string, string>  $usageLogs  path of the usage log by application; empty where none is read
     */
    private function __construct(
        public readonly string $server,
        public readonly string $token,
        public readonly string $suite,
        public readonly string $houseKey,
        public readonly string $state,
        public readonly array $files,
        public readonly array $usageLogs,
    ) {
    }

    /** @throws AgentRefuses */
    public static function fromFile(string $path): self
    {
        $text = is_file($path) ? file_get_contents($path) : false;
        $data = $text === false ? null : json_decode($text, true);
        if (! is_array($data)) {
            throw new AgentRefuses("The settings file {$path} is not there, or is not JSON.");
        }
        foreach (['server', 'token', 'suite', 'state'] as $name) {
            if (! is_string($data[$name] ?? null) || $data[$name] === '') {
                throw new AgentRefuses("The settings file {$path} lacks \"{$name}\".");
            }
        }
        $files = array_filter(is_array($data['files'] ?? null) ? $data['files'] : [], is_string(...));
        if ($files === []) {
            throw new AgentRefuses("The settings file {$path} names no key file under \"files\".");
        }

        return new self(
            rtrim($data['server'], '/'),
            $data['token'],
            $data['suite'],
            is_string($data['house_key'] ?? null) ? $data['house_key'] : '',
            $data['state'],
            $files,
            array_filter(is_array($data['usage_logs'] ?? null) ? $data['usage_logs'] : [], is_string(...)),
        );
    }
}
