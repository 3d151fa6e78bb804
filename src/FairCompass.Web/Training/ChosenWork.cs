using FairCompass.Web.Hosting;

namespace FairCompass.Web.Training;

/// <summary>What is trained is a workout or a movement, never both and never none: one place says what is wrong with a choice.</summary>
/// <param name="Workout">The workout; null for a movement.</param>
/// <param name="Movement">The movement; null or empty for a workout.</param>
internal readonly record struct ChosenWork(Guid? Workout, string? Movement)
{
    /// <summary>The refusal of both or none; null where it is one.</summary>
    public FieldsRefused? NotOne =>
        (Workout is null) == string.IsNullOrEmpty(Movement) ? new FieldsRefused("workout", "Choose a workout or a movement.") : null;

    /// <summary>It is not there.</summary>
    public NotThere Gone => NotThere.Gone(Workout is null ? "movement" : "published workout");

    /// <summary>No rep of it can be shown.</summary>
    public FieldsRefused ShowsNothing =>
        new(
            Workout is null ? "movement" : "workout",
            "No pose decides any of its clauses, so it is trained by words and pictures: read its standard."
        );
}
