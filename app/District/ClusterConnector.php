<?php

declare(strict_types=1);

namespace App\District;

use Illuminate\Database\Connectors\MariaDbConnector;
use Illuminate\Support\Facades\Cache;
use PDO;

/**
 * Connections of a district's applications, all of which write to one node of the cluster. When that has died and another one is written
 * to, it may have taken in what was acknowledged a moment before without having laid it out yet: for a while reads wait until it has
 * (`wsrep_sync_wait`), and from then on they need not, since what they ask for was written there.
 */
final class ClusterConnector extends MariaDbConnector
{
    /** Longer than any node is behind that was well a moment ago. */
    private const FRESH_S = 30;

    private const LAST_NODE = 'written-node';

    /** @param  array<array-key, mixed>  $config  of config/database.php */
    public function connect(array $config): PDO
    {
        $database = parent::connect($config);
        $answer = $database->query('SELECT @@wsrep_node_name');
        if ($this->isNew($answer === false ? '' : (string) $answer->fetchColumn())) {
            $database->exec('SET SESSION wsrep_sync_wait = 1');
        }

        return $database;
    }

    /** Whether this machine has been writing to that node for no longer than a while. Each machine remembers it for itself. */
    public function isNew(string $node): bool
    {
        $memory = Cache::store('memory');
        $last = $memory->get(self::LAST_NODE);
        if (! is_array($last) || ($last['node'] ?? null) !== $node) {
            $last = ['node' => $node, 'since' => now()->getTimestamp()];
            $memory->forever(self::LAST_NODE, $last);
        }

        return (int) $last['since'] > now()->subSeconds(self::FRESH_S)->getTimestamp();
    }
}
