<?php

declare(strict_types=1);

namespace App\Intake\Form;

use App\Books\BookShelf;
use App\Intake\Arrival;
use App\Intake\CameAs;
use App\Intake\Filling;
use App\Intake\PlayFelt;
use App\Intake\ShaftTurns;
use App\Intake\YesNo;
use App\Platform\Form\Choices;
use Japhrex\Core\Chain\Mechanism\ToldWords;
use Japhrex\Core\Family\Book;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class ArrivalType extends AbstractType
{
    public function __construct(private readonly BookShelf $shelf)
    {
    }

    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $text = static fn (string $label, string $help = ''): array => [
            'label' => $label,
            'help' => $help,
            'required' => false,
            'empty_data' => '',
        ];
        $builder
            ->add('cameAs', Choices::class, ['class' => CameAs::class, 'label' => 'It came'])
            ->add('pumped', TextType::class, $text('What it has pumped', 'hydraulic oil, juice, slurry; anything that harms people'))
            ->add('shaft', Choices::class, ['class' => ShaftTurns::class, 'label' => 'Shaft by hand'])
            ->add('endFloat', Choices::class, ['class' => PlayFelt::class, 'label' => 'End float felt'])
            ->add('sidePlay', Choices::class, ['class' => PlayFelt::class, 'label' => 'Side play felt']);
        // In the words of what is in it; of what runs dry nobody asks for it.
        $medium = (string) $options['medium'];
        if ('' !== $medium) {
            $builder->add('filling', Choices::class, ['class' => Filling::class, 'label' => ucfirst($medium).' in it']);
        }
        if (\in_array($medium, Book::MAY_HOLD_WATER, true)) {
            $builder->add('water', Choices::class, ['class' => YesNo::class, 'label' => 'Water in the '.$medium]);
        }
        $builder->add('metal', Choices::class, [
            'class' => YesNo::class,
            'label' => '' === $medium ? 'Metal in it' : 'Metal in the '.$medium,
        ]);
        $builder->add('sealsIntact', Choices::class, ['class' => YesNo::class, 'label' => 'Seals and tags intact']);
        if ('' !== $medium) {
            $help = Book::OIL === $medium ? 'amber, grey, milky, black' : '';
            $builder
                ->add('oilColour', TextType::class, $text(ucfirst($medium).', its colour', $help))
                ->add('oilSmell', TextType::class, $text(ucfirst($medium).', its smell'))
                ->add('fluid', ChoiceType::class, [
                    'choices' => $this->seenOfTheFluid(),
                    'label' => 'What is seen of the '.$medium,
                    'multiple' => true,
                    'required' => false,
                    'block_prefix' => 'choices',
                ]);
        }
        $builder
            ->add('missing', TextType::class, $text('What is missing'))
            ->add(
                'openedBefore',
                TextareaType::class,
                $text(
                    'Signs that somebody was inside before',
                    'sealant colour, new fasteners, punch marks, paint, parts that do not belong',
                ),
            );
    }

    /** @return array<string, string> name => key; water and level are asked for by themselves */
    private function seenOfTheFluid(): array
    {
        $seen = array_diff_key($this->shelf->vocabulary()->fluid, ['water' => true, 'low' => true]);

        return array_flip(array_map(static fn (ToldWords $one): string => $one->name, $seen));
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => Arrival::class, 'three_way' => true, 'medium' => Book::OIL]);
    }
}
