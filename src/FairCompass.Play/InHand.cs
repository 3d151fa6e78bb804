using FairCompass.Core.Courses;
using FairCompass.Core.Standards;

namespace FairCompass.Play;

/// <summary>A task in one round as a worker goes through it, with everything that is the same for each unit of it.</summary>
/// <param name="Task">The task as it is done.</param>
/// <param name="Movement">Its standard; null where the book has none.</param>
/// <param name="Monitor">True for what a monitor counts, or a mark on the floor that is passed in one go.</param>
internal sealed record InHand(CourseTask Task, Movement? Movement, bool Monitor)
{
    /// <summary>Usual and fastest time of a unit by the place in the team, 0 for an individual and for all together; null until it was
    /// looked up.</summary>
    public (long Usual, long Fastest)?[] Times { get; } = new (long, long)?[9];
}
