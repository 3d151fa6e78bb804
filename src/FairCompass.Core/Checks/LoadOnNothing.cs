using FairCompass.Core.InForce;
using FairCompass.Core.Standards;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A task has a load, and its movement is done without any.</summary>
public sealed class LoadOnNothing : ICheck
{
    /// <inheritdoc/>
    public string Id => "load-on-nothing";

    /// <inheritdoc/>
    public string Title => "A load on a movement that carries none";

    /// <inheritdoc/>
    public string Why => "In one lane it is held, in the next it is not.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        from task in context.TaskLines
        let load = task.Details.OfType<Detail.Load>().FirstOrDefault()
        let movement = load is null ? null : StandardsBook.Of(context.Competition).Find(task.Movement)
        where movement is { NeedsLoad: false, Kit: MovementKit.Box or MovementKit.Machine or MovementKit.BarToClear or MovementKit.Wall }
        select new Report(
            load.At,
            $"{Words.Capital(Words.A(movement.Name.English))} carries no load: what is held, or nothing?",
            [
                .. Loaded(context, movement).SelectMany(n => context.Instead(task.At.Line, task.Movement, n, $"Write {n}")),
                .. context.WithoutPhrase(load.At),
            ]
        );

    /// <summary>Movements that are the same with something in the hands, by their names.</summary>
    private static IEnumerable<string> Loaded(CheckContext context, Movement movement) =>
        StandardsBook
            .Of(context.Competition)
            .All.Where(m => m.NeedsLoad && m.Name.English.EndsWith(" " + movement.Name.English, StringComparison.OrdinalIgnoreCase))
            .Select(m => m.Name.English);
}
