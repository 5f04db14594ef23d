package rustictangle.server.dog;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import rustictangle.core.dog.Build;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Ears;
import rustictangle.core.dog.Habit;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Looks;
import rustictangle.core.dog.Mass;
import rustictangle.core.dog.Skin;
import rustictangle.core.dog.TailShape;
import rustictangle.core.dog.Wear;

/**
 * A dog as its owner describes it.
 *
 * @param name      1 to 40 characters
 * @param breed     as the owner calls it, at most 60 characters, may be empty
 * @param neutered  needs less energy
 * @param kilograms in [0.3, 120]
 * @param born      or about then; absent: nobody knows
 * @param build     for the drawing; this, ears and tail absent: as most are
 * @param weightGuessed whether nobody has weighed it: the kilograms follow from how large it looks; absent: its
 *                  owner says them
 */
public record DogForm(
        @NotBlank(message = "Your dog needs a name, at most 40 characters.")
                @Size(max = LONGEST_NAME, message = "At most {max} characters; shorten the name.")
                String name,
        @NotNull(message = "Leave the breed empty if you do not know it.")
                @Size(max = LONGEST_BREED, message = "At most {max} characters; shorten the breed.")
                String breed,
        @NotNull(message = "Weigh the dog: " + Mass.RANGE + ".")
                @DecimalMin(value = "0.3", message = Mass.LIMITS)
                @DecimalMax(value = "120", message = Mass.LIMITS)
                Double kilograms,
        @NotNull(message = "Choose the life stage.") LifeStage lifeStage,
        boolean flatFace,
        boolean neutered,
        @NotNull(message = "Choose how the skin is.") Skin skin,
        @NotNull(message = "Choose how earlier grooming went.") History history,
        @NotNull Set<Wear> wears,
        @NotNull Set<Habit> habits,
        @Nullable LocalDate born,
        Build build,
        Ears ears,
        TailShape tail,
        Boolean weightGuessed) {

    public static final int LONGEST_NAME = 40;
    public static final int LONGEST_BREED = 60;

    public DogForm {
        build = build == null ? Looks.PLAIN.build() : build;
        ears = ears == null ? Looks.PLAIN.ears() : ears;
        tail = tail == null ? Looks.PLAIN.tail() : tail;
        weightGuessed = weightGuessed != null && weightGuessed;
    }

    /** Of a dog that was looked at and not weighed; what is not asked then is as most dogs have it. */
    public static DogForm seen(
            String name, String breed, Mass guessed, LifeStage lifeStage, History history, Looks looks) {
        return new DogForm(
                name,
                breed,
                guessed.kilograms(),
                lifeStage,
                looks.build() == Build.FLAT_FACED,
                lifeStage != LifeStage.PUPPY,
                Skin.SOUND,
                history,
                Set.of(),
                Set.of(),
                null,
                looks.build(),
                looks.ears(),
                looks.tail(),
                true);
    }

    /** The dog as the rules see it. */
    public Dog dog() {
        return new Dog(
                new Mass(kilograms),
                lifeStage,
                flatFace,
                neutered,
                skin,
                history,
                wears,
                habits,
                Optional.ofNullable(born));
    }
}
