<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Chain\ChainLink;
use App\Chain\ChainNode;
use App\Evidence\Finding;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Measuring\Reading;
use App\Verdict\Signing;
use App\Verdict\Verdict;
use Japhrex\Core\Chain\NodeKind;
use Japhrex\Core\Chain\OriginKind;
use Japhrex\Core\Damage\FindingKind;
use Japhrex\Core\Verdict\Responsibility;

/** A shop with a case that two have signed. */
abstract class SignedCaseTestCase extends AppTestCase
{
    protected function signedCase(): CaseFile
    {
        $case = $this->aCase('S-1');
        [$case->maker, $case->model] = ['Vintrey', 'G28'];
        $complaint = new Complaint($case);
        $complaint->what = 'low-flow';
        $finding = new Finding($case, 'front-block');
        [$finding->kind, $finding->mode, $finding->grade, $finding->surface] = [FindingKind::Damage, 'scoring', 3, 'face'];
        $reading = new Reading($case, 'drive-gear', 'seal-land');
        $reading->typed = ['19.98 mm'];
        $origin = new ChainNode($case, NodeKind::Origin);
        [$origin->name, $origin->origin, $origin->evidence] = ['Dirt let in', OriginKind::Contamination, 'grains'];
        $damage = new ChainNode($case, NodeKind::Damage);
        [$damage->name, $damage->finding, $damage->place] = ['Scored block', $finding, 'front-block/face'];
        $link = new ChainLink($case);
        [$link->from, $link->to, $link->mechanism] = [$origin, $damage, 'abrasion'];
        $case->complaints->add($complaint);
        foreach ([$complaint, $finding, $reading, $origin, $damage, $link] as $one) {
            self::em()->persist($one);
        }
        $verdict = new Verdict($case, 1);
        [$verdict->origin, $verdict->responsibility, $verdict->statement] = [$origin, Responsibility::Maintenance, 'Dirt came in.'];
        self::em()->persist($verdict);
        self::em()->flush();
        $signing = self::service(Signing::class);
        $signing->sign($verdict, $this->person(Role::Analyst));
        $signing->second($verdict, $this->person(Role::Analyst, 'second'));

        return $case;
    }
}
