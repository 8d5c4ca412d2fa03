<?php

declare(strict_types=1);

namespace App\Intake\Form;

use App\Books\BookShelf;
use App\Intake\Attempt;
use App\Intake\Changed;
use App\Platform\Form\Choices;
use Japhrex\Core\Chain\Mechanism\TriedWords;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class AttemptType extends AbstractType
{
    public function __construct(private readonly BookShelf $shelf)
    {
    }

    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $tried = $this->shelf->vocabulary()->tried;
        $builder
            ->add('what', ChoiceType::class, [
                'choices' => array_flip(array_map(static fn (TriedWords $one): string => $one->name, $tried)),
                'label' => 'What was tried', 'placeholder' => 'something else, in words', 'required' => false,
            ])
            ->add('words', TextType::class, [
                'label' => 'In words', 'help' => 'which oil, by whom, when', 'required' => false, 'empty_data' => '',
            ])
            ->add('changed', Choices::class, ['class' => Changed::class, 'label' => 'It changed', 'required' => true]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => Attempt::class]);
    }
}
