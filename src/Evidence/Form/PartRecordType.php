<?php

declare(strict_types=1);

namespace App\Evidence\Form;

use App\Evidence\PartRecord;
use App\Platform\Form\Choices;
use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Damage\Feel;
use Japhrex\Core\Damage\Sense;
use Japhrex\Core\Family\Duty;
use Japhrex\Core\Family\Part;
use Japhrex\Core\Repair\BoundByLimits;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class PartRecordType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        /** @var Part $part */
        $part = $options['part'];
        $builder->add('feel', Choices::class, ['class' => Feel::class, 'label' => 'Nail and pick']);
        foreach ($part->senses as $name) {
            $sense = Sense::from($name);
            $builder->add($sense->value, ChoiceType::class, [
                'label' => $sense->label(), 'choices' => array_flip(
                    $sense->scale()
                ), 'required' => false, 'placeholder' => 'not said',
                'block_prefix' => 'choices',
            ]);
        }
        /** @var array<string, Duty> $duties */
        $duties = $options['duties'];
        if ([] !== $duties && $part->hangsOnDuty()) {
            $builder->add('duty', ChoiceType::class, [
                'label' => 'Duty of its stage',
                'choices' => array_combine(array_map(static fn (Duty $duty): string => $duty->name, $duties), array_keys($duties)),
                'placeholder' => 'as the unit',
                'required' => false,
                'setter' => static function (PartRecord $record, ?string $duty): void {
                    $record->duty = $duty ?? '';
                },
            ]);
        }
        $builder->add('note', TextareaType::class, ['label' => 'Note', 'required' => false, 'empty_data' => '']);
        if (true === $options['decides'] && !$part->isNeighbour) {
            $builder
                ->add('disposition', Choices::class, ['class' => Disposition::class, 'label' => 'What becomes of it'])
                ->add('dispositionReason', TextType::class, ['label' => 'Because', 'required' => false, 'empty_data' => ''])
                ->add('hangsOn', ChoiceType::class, ['label' => 'It hangs on', 'choices' => array_combine(
                    $options['conditions'],
                    $options['conditions'],
                ), 'required' => false, 'placeholder' => 'nothing: it is decided', 'empty_data' => '', 'setter' => static function (
                    PartRecord $record,
                    ?string $hangsOn,
                ): void {
                    $record->hangsOn = $hangsOn ?? '';
                }]);
            /** @var BoundByLimits $bound */
            $bound = $options['bound'];
            if ([] !== $bound->asks && [] === $bound->stops) {
                $builder->add(
                    'despite',
                    TextType::class,
                    [
                        'label' => ucfirst(implode('; ', $bound->asks)).'. It may go back in all the same, because',
                        'required' => false,
                        'empty_data' => '',
                    ],
                );
            }
        }
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(
            [
                'data_class' => PartRecord::class,
                'three_way' => true,
                'decides' => false,
                'duties' => [],
                'bound' => null,
                'conditions' => [],
            ]
        );
        $resolver->setRequired('part');
        $resolver->setAllowedTypes('part', Part::class);
        $resolver->setAllowedTypes('decides', 'bool');
        // What its decision may hang on.
        $resolver->setAllowedTypes('conditions', 'string[]');
        $resolver->setAllowedTypes('bound', ['null', BoundByLimits::class]);
    }
}
