<?php

declare(strict_types=1);

namespace KindHeel\Tests\Support;

/** The database of the stories as the demo left it: each story begins with the same two weeks behind it. */
final class DemoDatabase
{
    /** Who is signed in and what was answered belongs to no story. */
    private const EMPTY = ['sessions', 'remembered_answer', 'bench_shown', 'sign_in_failure'];

    /**
     * @param string $url      of the database that the stories change, as Doctrine takes it
     * @param string $template name of the one that is never changed, on the same server
     */
    public static function restore(string $url, string $template): void
    {
        $at = parse_url($url);
        \assert(\is_array($at) && isset($at['user'], $at['pass'], $at['path'], $at['query']));
        parse_str($at['query'], $said);
        \assert(\is_string($said['unix_socket'] ?? null));
        $pdo = new \PDO(\sprintf('mysql:unix_socket=%s;dbname=%s', $said['unix_socket'], ltrim($at['path'], '/')), $at['user'], $at['pass']);
        $asked = $pdo->query('SHOW TABLES');
        $tables = false === $asked ? [] : $asked->fetchAll(\PDO::FETCH_COLUMN);
        $pdo->exec('SET foreign_key_checks = 0');
        $pdo->beginTransaction();
        foreach ($tables as $table) {
            \assert(\is_string($table));
            $pdo->exec("DELETE FROM `$table`");
            if (!\in_array($table, self::EMPTY, true)) {
                $pdo->exec("INSERT INTO `$table` SELECT * FROM `$template`.`$table`");
            }
        }
        $pdo->commit();
    }
}
