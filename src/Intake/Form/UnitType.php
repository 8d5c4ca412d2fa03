<?php

declare(strict_types=1);

namespace App\Intake\Form;

use App\Intake\CaseFile;
use App\Intake\Rotation;
use App\Intake\WorkAt;
use App\Platform\Form\Choices;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\Duty;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\CheckboxType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class UnitType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $text = static fn (string $label, string $help = ''): array => [
            'label' => $label,
            'help' => $help,
            'required' => false,
            'empty_data' => '',
        ];
        $builder
            ->add(
                'customer',
                TextType::class,
                ['label' => 'Whose', 'help' => 'firm, yard or department', 'empty_data' => '', 'required' => true],
            )
            ->add('unitName', TextType::class, $text('What it does', 'sweeper gear pump'))
            ->add('maker', TextType::class, $text('Maker') + ['attr' => ['list' => 'makers']])
            ->add('model', TextType::class, $text('Model') + ['attr' => ['list' => 'models']])
            ->add('serial', TextType::class, $text('Serial'))
            ->add('versionIndex', TextType::class, $text('Version', 'letter or index on the tag'))
            ->add('built', TextType::class, $text('Year it was made', 'from the tag or the serial: 2014'))
            ->add('tag', TextType::class, $text('Tag', 'as it reads, or: illegible, gone'))
            ->add(
                'identifiedBy',
                TextType::class,
                $text('No tag: identified by', 'shaft, spline, pilot, bolt circle, ports, gear width; what is inside'),
            )
            ->add('rotation', Choices::class, ['class' => Rotation::class, 'label' => 'Rotation, seen on the shaft'])
            ->add('drive', TextType::class, $text('Driven by', 'belt, coupling, engine PTO'))
            ->add('displacement', TextType::class, $text('Displacement', 'with unit: 22.5 cc/rev'))
            ->add('serviceSinceNew', TextType::class, $text('Service since new', '2600 h or 40000 km'))
            ->add('serviceSinceRepair', TextType::class, $text('Service since the last repair'))
            ->add('repairedBy', TextType::class, $text('Who repaired it then'))
            ->add('repairedOn', TextType::class, $text('When that was', '2024-05, or: two seasons ago'))
            ->add('remanufactured', TextType::class, $text('Remanufactured by, when', 'from a plate, a stamp, a colour of paint'))
            ->add('workAt', Choices::class, ['class' => WorkAt::class, 'label' => 'Where the work is best done'])
            ->add('workAtBecause', TextType::class, $text('Because', 'access, equipment, who is licensed'))
            ->add('replacedThen', TextareaType::class, $text('What was replaced then'));
        $builder->add('isRead', CheckboxType::class, ['label' => 'Read on the unit, too', 'mapped' => false, 'required' => false]);
        /** @var Book $book */
        $book = $options['book'];
        $duties = $book->duties;
        if ([] !== $duties) {
            $builder->add('duty', ChoiceType::class, [
                'label' => 'Duty',
                'help' => 'what it has to do; some limits depend on it',
                'choices' => array_combine(array_map(static fn (Duty $duty): string => $duty->name, $duties), array_keys($duties)),
                'placeholder' => 'not told: the limits for every duty',
                'required' => false,
                'setter' => static function (CaseFile $case, ?string $duty): void {
                    $case->duty = $duty ?? '';
                },
            ]);
        }
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => CaseFile::class, 'three_way' => true]);
        $resolver->setRequired('book')->setAllowedTypes('book', Book::class);
    }
}
