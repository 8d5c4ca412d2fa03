<?php

declare(strict_types=1);

namespace App\Teardown\Form;

use App\Intake\IsQuantity;
use App\Platform\Form\Choices;
use App\Teardown\StepRecord;
use Japhrex\Core\Family\Field;
use Japhrex\Core\Family\StripStep;
use Japhrex\Core\Teardown\FastenerCondition;
use Japhrex\Core\Teardown\StepState;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\CheckboxType;
use Symfony\Component\Form\Extension\Core\Type\IntegerType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;
use Symfony\Component\Validator\Constraints\Callback;
use Symfony\Component\Validator\Constraints\Length;
use Symfony\Component\Validator\Constraints\Range;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

final class StepType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        /** @var StripStep $step */
        $step = $options['step'];
        /** @var array<string, Field> $adjusters */
        $adjusters = $options['adjusters'];
        foreach (array_values($adjusters) as $i => $field) {
            $key = array_keys($adjusters)[$i];
            $builder->add('adjuster_'.$i, TextType::class, [
                'label' => $field->name.' as found, before it is touched',
                'help' => $field->how,
                'required' => false,
                'empty_data' => '',
                'getter' => static fn (StepRecord $record): string => $record->adjusters[$key] ?? '',
                'setter' => static function (StepRecord $record, ?string $value) use ($key): void {
                    $record->adjusters = array_filter(
                        [$key => trim((string) $value)] + $record->adjusters,
                        static fn (string $text): bool => '' !== $text,
                    );
                },
                'constraints' => [new IsQuantity(
                    $field->dimension->value
                ), new Length(max: 40), new Callback(static function (?string $value, ExecutionContextInterface $context): void {
                    $form = $context->getRoot();
                    $record = $form instanceof FormInterface ? $form->getData() : null;
                    if (
                        '' === trim((string) $value)
                            && $record instanceof StepRecord
                            && StepState::Done === $record->state
                            && '' === trim($record->note)
                    ) {
                        $context->addViolation(
                            'Take it as found first: once it is touched nobody can tell. If it cannot be taken, say why in the note.'
                        );
                    }
                })],
            ]);
        }
        if ([] !== $step->facing) {
            $builder->add(
                'facing',
                TextareaType::class,
                ['label' => 'Which way it faced, before it was lifted', 'required' => false, 'empty_data' => ''],
            );
        }
        if ('' !== $step->mark) {
            $builder
                ->add('marked', CheckboxType::class, ['label' => 'Marked: '.$step->mark, 'required' => false])
                ->add('olderMarks', TextType::class, [
                    'label' => 'Marks of earlier hands there', 'help' => 'so that ours are told from them: two punch dots, red paint',
                    'required' => false, 'empty_data' => '',
                ]);
        }
        if ($step->fasteners) {
            $builder
                ->add('fasteners', Choices::class, ['class' => FastenerCondition::class, 'label' => 'How the fasteners came out'])
                ->add(
                    'fastenerNote',
                    TextType::class,
                    [
                        'label' => 'Breakaway torque, or which one',
                        'help' => '32 Nm; the one at the tag was loose',
                        'required' => false,
                        'empty_data' => '',
                    ],
                );
        }
        foreach ($step->counts as $i => $count) {
            $builder->add('count_'.$i, IntegerType::class, [
                'label' => \sprintf('%s: %d expected', ucfirst($count->what), $count->count),
                'required' => false,
                'getter' => static fn (StepRecord $record): ?int => $record->counted[$count->what] ?? null,
                'setter' => static function (StepRecord $record, ?int $value) use ($count): void {
                    $counted = $record->counted;
                    unset($counted[$count->what]);
                    $record->counted = null === $value ? $counted : $counted + [$count->what => $value];
                },
                'constraints' => [new Range(min: 0, max: 999, notInRangeMessage: 'A count is from 0 to 999.')],
                'invalid_message' => 'A count is a whole number.',
            ]);
        }
        $builder
            ->add('reason', TextareaType::class, ['label' => 'Why skipped, or what holds it', 'required' => false, 'empty_data' => ''])
            ->add(
                'minutes',
                IntegerType::class,
                [
                    'label' => 'Minutes worked',
                    'help' => 0 < $step->minutes
                        ? \sprintf('usually %d; left empty, the time with this page open counts', $step->minutes)
                        : 'left empty, the time with this page open counts',
                    'required' => false,
                    'attr' => ['data-minutes' => ''],
                    'invalid_message' => 'Minutes are a whole number.',
                ],
            )
            ->add('note', TextareaType::class, ['label' => 'Note', 'required' => false, 'empty_data' => ''])
            ->add(
                'withWhom',
                TextType::class,
                ['label' => 'Together with', 'help' => 'who learns, or who watches', 'required' => false, 'empty_data' => ''],
            );
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => StepRecord::class, 'three_way' => true]);
        $resolver->setDefault('adjusters', []);
        $resolver->setRequired('step');
        $resolver->setAllowedTypes('step', StripStep::class);
    }
}
