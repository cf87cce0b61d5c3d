<?php

declare(strict_types=1);

namespace Pausis\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The notebook's words, to be searched: SQLite's FTS5, kept by triggers, so that whoever writes the notebook writes them. */
final class Version20261202101000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('CREATE VIRTUAL TABLE notebook_words USING fts5(entry UNINDEXED, title, foods, note, next_time,'
            ." tokenize = 'unicode61 remove_diacritics 2')");
        $insert = 'INSERT INTO notebook_words (entry, title, foods, note, next_time)';
        $this->addSql("$insert SELECT id, title, foods, note, next_time FROM notebook");
        $new = 'new.id, new.title, new.foods, new.note, new.next_time';
        $this->addSql("CREATE TRIGGER notebook_written AFTER INSERT ON notebook BEGIN $insert VALUES ($new); END");
        $this->addSql('CREATE TRIGGER notebook_changed AFTER UPDATE OF title, foods, note, next_time ON notebook BEGIN'
            ." DELETE FROM notebook_words WHERE entry = old.id; $insert VALUES ($new); END");
        $this->addSql('CREATE TRIGGER notebook_forgotten AFTER DELETE ON notebook BEGIN'
            .' DELETE FROM notebook_words WHERE entry = old.id; END');
    }

    public function down(Schema $schema): void
    {
        foreach (['notebook_written', 'notebook_changed', 'notebook_forgotten'] as $trigger) {
            $this->addSql("DROP TRIGGER $trigger");
        }
        $this->addSql('DROP TABLE notebook_words');
    }
}
