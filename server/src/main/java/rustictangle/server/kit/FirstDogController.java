package rustictangle.server.kit;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Refused;
import rustictangle.core.Sure;
import rustictangle.core.coat.Breed;
import rustictangle.core.coat.Breeds;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.DrawnLength;
import rustictangle.core.coat.FirstCoat;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Looks;
import rustictangle.core.dog.Size;
import rustictangle.core.log.LastCombed;
import rustictangle.core.log.ToolKind;
import rustictangle.server.coat.CoatForm;
import rustictangle.server.dog.DogForm;
import rustictangle.server.dog.StoredDog;

/** A new dog by a look at it: five short answers, and everything follows; whatever is measured later replaces a guess. */
@RestController
@RequestMapping("/api/first-dogs")
record FirstDogController(FirstDogs dogs) {

    /**
     * @param usual which of them most have
     * @param size  which most of such a build have
     */
    record LookView(DrawnLength usual, Map<DrawnLength, CoatForm> coats, Looks looks, Size size) {}

    /**
     * @param breed as the owner calls it, may be empty
     * @param like  a breed of the table that it looks like; absent: none
     * @param kind  of coat that is seen; absent: the breed tells, or it is a mixture
     * @param size  absent: as most of its build
     * @param tools kinds that there are; those that lie in the drawer already are not added again
     * @param lastCombed when a comb last went to the skin everywhere; absent: it is asked later
     */
    record FirstDogForm(
            @Valid @NotNull(message = "Say who it is.") Named dog,
            @Nullable String like,
            @Nullable CoatKind kind,
            @Nullable Size size,
            @NotNull(message = "Choose a length.") DrawnLength length,
            @NotNull(message = "Leave it empty where there is none.") Set<@NotNull ToolKind> tools,
            @Nullable LastCombed lastCombed) {}

    /** Who it is, with the limits of {@link DogForm}. */
    record Named(
            @NotBlank(message = "Your dog needs a name, at most 40 characters.")
                    @jakarta.validation.constraints.Size(
                            max = DogForm.LONGEST_NAME,
                            message = "At most {max} characters; shorten the name.")
                    String name,
            @NotNull(message = "Leave the breed empty if you do not know it.")
                    @jakarta.validation.constraints.Size(
                            max = DogForm.LONGEST_BREED,
                            message = "At most {max} characters; shorten the breed.")
                    String breed,
            @NotNull(message = "Choose the life stage.") LifeStage lifeStage,
            @NotNull(message = "Choose how earlier grooming went.") History history) {}

    /** What each kind of coat usually looks like. */
    record KindLook(CoatKind kind, CoatForm coat) {}

    private static final List<KindLook> KINDS = Arrays.stream(CoatKind.values())
            .map(kind -> {
                FirstCoat first = FirstCoat.of(Optional.of(kind));
                return new KindLook(kind, CoatForm.of(Sure.at(first.coats(), first.usual())));
            })
            .toList();

    @GetMapping("/kinds")
    List<KindLook> kinds() {
        return KINDS;
    }

    @GetMapping("/look")
    LookView look(
            @RequestParam Optional<String> like,
            @RequestParam Optional<CoatKind> kind,
            @RequestParam(defaultValue = "ADULT") LifeStage lifeStage) {
        return look(like, kind, lifeStage == LifeStage.PUPPY);
    }

    private static LookView look(Optional<String> like, Optional<CoatKind> kind, boolean puppy) {
        Optional<Breed> breed = like.map(FirstDogController::breed);
        FirstCoat first = breed.filter(known -> kind.isEmpty())
                .map(known -> FirstCoat.of(known, puppy))
                .orElseGet(() -> FirstCoat.of(kind));
        Looks looks = breed.map(Breed::looks).orElse(Looks.PLAIN);
        return new LookView(
                first.usual(),
                first.coats().entrySet().stream()
                        .collect(Collectors.toMap(Map.Entry::getKey, entry -> CoatForm.of(entry.getValue()))),
                looks,
                Size.of(looks.build()));
    }

    private static Breed breed(String name) {
        return Breeds.all().stream()
                .filter(breed -> breed.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new Refused("like", "No breed of the table is called so; leave it out."));
    }

    /** All of it, or nothing. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    StoredDog add(@Valid @RequestBody FirstDogForm form) {
        Named named = form.dog();
        boolean puppy = named.lifeStage() == LifeStage.PUPPY;
        LookView look = look(Optional.ofNullable(form.like()), Optional.ofNullable(form.kind()), puppy);
        Size size = Optional.ofNullable(form.size()).orElse(look.size());
        List<ToolForm> tools = form.tools().stream().sorted().map(ToolForm::of).toList();
        tools.forEach(ToolForm::check);
        DogForm dog = DogForm.seen(
                named.name(),
                named.breed(),
                size.mass(named.lifeStage()),
                named.lifeStage(),
                named.history(),
                look.looks());
        return dogs.add(dog, Sure.at(look.coats(), form.length()), tools, Optional.ofNullable(form.lastCombed()));
    }
}
