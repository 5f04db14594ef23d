package rustictangle.server.frame;

import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.util.Comparator;
import org.springframework.stereotype.Component;
import rustictangle.core.Refused;

/** Holds what is stored to the limits of the door it would have come in by. */
@Component
public class FormCheck {

    private final Validator validator;

    FormCheck(Validator validator) {
        this.validator = validator;
    }

    /** @throws Refused when a field is out of its limits */
    public <T> T checked(T form) {
        validator.validate(form).stream()
                .min(Comparator.comparing(
                        (ConstraintViolation<T> one) -> one.getPropertyPath().toString()))
                .ifPresent(wrong -> {
                    throw new Refused(wrong.getPropertyPath().toString(), wrong.getMessage());
                });
        return form;
    }
}
