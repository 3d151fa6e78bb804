using FairCompass.Core.Languages;

namespace FairCompass.Comparability.Training;

/// <summary>What is asked before somebody may judge a workout, of each of its movements that can be trained.</summary>
/// <param name="Calls">Calls in tests; 0 asks for none.</param>
/// <param name="WithinSteps">How far the line of a clause may be off, in steps; null asks nothing.</param>
/// <param name="RightPercent">How many of a hundred calls are right; null asks nothing.</param>
public sealed record Requirement(int Calls, double? WithinSteps, int? RightPercent)
{
    /// <summary>Nothing is asked.</summary>
    public static Requirement None { get; } = new(0, null, null);

    /// <summary>True where something is asked.</summary>
    public bool Asks => Calls > 0 || WithinSteps is not null || RightPercent is not null;

    /// <summary>What somebody lacks of one movement, in words; null where nothing is.</summary>
    /// <param name="called">Their calls in tests of that movement; what nobody can have seen does not count.</param>
    public Said? Lacks(IEnumerable<Called> called)
    {
        var said = called.Where(c => c.WasSeen).ToList();
        if (said.Count < Calls)
        {
            return ($"{said.Count} of {Calls} calls", $"{said.Count} de {Calls} decisiones");
        }

        if (WithinSteps is { } within)
        {
            var off = Eye.Of(said).FirstOrDefault(e => e.Line is null || Math.Abs(e.Line.Line) > within);
            if (said.Count == 0 || off is not null)
            {
                return off?.Line is null
                    ? ("too few calls to say where the line is seen", "muy pocas decisiones para decir dónde se ve la línea")
                    : ("the line is seen too far off", "la línea se ve demasiado lejos");
            }
        }

        return RightPercent is { } percent && (said.Count == 0 || 100 * Eye.Right(said).Value < percent)
            ? ($"fewer than {percent} of a hundred calls were right", $"menos de {percent} de cada cien decisiones fueron correctas")
            : null;
    }
}
