<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Settings and steps of the proof were kept by their place in the lists of their book; they are kept by their key. A book of the shop's
 * own without keys keeps them by place, and so do its records.
 */
final class Version20261129190000 extends AbstractMigration
{
    /** Book => steps of its settings in their old order, keys of its proof in theirs, and which setting was the last to be tightened. */
    private const KEYS = [
        'automatic-transmission' => [
            'set-input-end-play set-rear-end-play set-direct-clearance set-forward-clearance set-low-clearance'
                .' set-servo-stroke set-band set-valve-body-screws set-pump-screws set-packs set-frictions set-converter',
            'ranges line-pressure cooler-return leaks road-test filled by-hand selector',
            8,
        ],
        'axial-piston-pump-single' => [
            'set-cut-off set-power-control set-block-screws act-case-filled',
            'by-hand no-load flow cut-off power-control one-hour filled direction',
            2,
        ],
        'axial-piston-pump-tandem' => [
            'set-cut-off set-power-control set-block-screws act-case-filled set-rear-screws',
            'by-hand no-load flow cut-off power-control one-hour filled direction',
            4,
        ],
        'centrifugal-pump' => [
            'set-seat set-spring set-impeller-clearance set-coupling-offset set-neck-clearance set-bearing-nut',
            'primed direction head half-hour restart by-hand',
            5,
        ],
        'crescent-front-pump' => [
            'set-side-clearance set-input-end-play set-alignment set-halves-screws set-converter',
            'by-hand line-pressure cooler-return half-hour filled direction',
            3,
        ],
        'distributor-injection-pump' => [
            'set-roller-to-roller set-linkage-length act-drive-seals act-head-rings set-locating-screw',
            'by-hand transfer-pressure delivery governor hot-cranking filled direction',
            4,
        ],
        'external-gear-pump' => [
            'set-side-clearance set-cover-screws act-lubrication',
            'by-hand no-load flow leaks filled direction',
            1,
        ],
        'hydrostatic-transaxle' => [
            'set-neutral set-bleeding set-case-screws set-block-screws set-piston-clearance',
            'bleeding ramp-cold ramp-hot overnight filled by-hand lever',
            2,
        ],
        'internal-gear-process-pump-packing' => [
            'set-end-clearance set-packing set-carbon-bushings set-head-screws stands-head set-lock-nut',
            'by-hand primes flow relief gland packing-run filled direction',
            3,
        ],
        'internal-gear-process-pump-face-seal' => [
            'set-end-clearance set-face-seal set-carbon-bushings set-head-screws stands-head set-lock-nut',
            'by-hand primes flow relief seal-run filled direction',
            3,
        ],
        'reversing-gearbox' => [
            'set-pack-clearance set-output-end-play stands-pump set-case-screws set-coupling-gap set-lever',
            'by-hand idle-pressure reversals one-hour filled direction',
            3,
        ],
        'roller-pump' => [
            'set-end-clearance set-plate-screws act-grease set-torque-chain',
            'by-hand primes flow loaded rinsed filled direction',
            1,
        ],
        'stacked-gear-pump' => [
            'set-studs stands-line set-pressure-clearance set-scavenge-clearance act-first-oil',
            'by-hand stages scavenge half-hour filled direction',
            0,
        ],
        'transfer-case' => [
            'set-pack-clearance set-case-screws set-flange-nut set-chain act-filled',
            'by-hand ten-minutes level filled selector',
            1,
        ],
        'vane-pump-dry' => [
            'set-end-clearance-vacuum set-sealing-gap set-plate-screws act-dust',
            'direction vacuum one-hour by-hand',
            2,
        ],
        'vane-pump-oil-sealed' => [
            'set-end-clearance-vacuum set-sealing-gap set-plate-screws act-first-oil',
            'direction vacuum line-stop one-hour by-hand filled',
            2,
        ],
        'vane-pump-hydraulic' => [
            'set-end-clearance set-sealing-gap set-plate-screws act-first-oil',
            'direction flow one-hour by-hand filled',
            2,
        ],
    ];

    public function getDescription(): string
    {
        return 'Steps of build and proof are kept by key';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE proof_record ALTER item TYPE VARCHAR(80)');
        foreach (self::KEYS as $family => [$settings, $proof, $last]) {
            $settings = explode(' ', $settings);
            foreach ($settings as $i => $key) {
                $this->renames('build_record', 'step', $family, 'set-'.$i, $key);
                $this->renames('build_record', 'step', $family, 'turn-after-set-'.$i, 'turn-after-'.$key);
            }
            $this->renames('build_record', 'step', $family, 'turn-after', 'turn-after-'.$settings[$last]);
            foreach (explode(' ', $proof) as $i => $key) {
                $this->renames('proof_record', 'item', $family, 'book-'.$i, 'book-'.$key);
            }
        }
        $this->renames('build_record', 'step', 'axial-piston-pump-tandem', 'fit-rear-open', 'fit-rear-plate');
        $this->addSql(<<<'SQL'
            UPDATE proof_record p SET item = 'complaint-' || told.id
            FROM (SELECT id, case_id, row_number() OVER (PARTITION BY case_id ORDER BY id) - 1 AS place FROM complaint) told
            WHERE told.case_id = p.case_id AND p.item = 'complaint-' || told.place
            SQL);
    }

    public function down(Schema $schema): void
    {
        $this->addSql(<<<'SQL'
            UPDATE proof_record p SET item = 'complaint-' || told.place
            FROM (SELECT id, case_id, row_number() OVER (PARTITION BY case_id ORDER BY id) - 1 AS place FROM complaint) told
            WHERE told.case_id = p.case_id AND p.item = 'complaint-' || told.id
            SQL);
        $this->renames('build_record', 'step', 'axial-piston-pump-tandem', 'fit-rear-plate', 'fit-rear-open');
        foreach (self::KEYS as $family => [$settings, $proof, $last]) {
            $settings = explode(' ', $settings);
            $this->renames('build_record', 'step', $family, 'turn-after-'.$settings[$last], 'turn-after');
            foreach ($settings as $i => $key) {
                $this->renames('build_record', 'step', $family, $key, 'set-'.$i);
                $this->renames('build_record', 'step', $family, 'turn-after-'.$key, 'turn-after-set-'.$i);
            }
            foreach (explode(' ', $proof) as $i => $key) {
                $this->renames('proof_record', 'item', $family, 'book-'.$key, 'book-'.$i);
            }
        }
        $this->addSql('ALTER TABLE proof_record ALTER item TYPE VARCHAR(40) USING left(item, 40)');
    }

    private function renames(string $table, string $column, string $family, string $old, string $new): void
    {
        $this->addSql(
            "UPDATE $table SET $column = ? FROM case_file c WHERE c.id = $table.case_id AND c.family = ? AND $table.$column = ?",
            [$new, $family, $old],
        );
    }
}
