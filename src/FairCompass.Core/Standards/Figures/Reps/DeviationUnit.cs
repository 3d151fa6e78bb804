namespace FairCompass.Core.Standards.Figures.Reps;

/// <summary>In what a distance from the limit of a clause is given.</summary>
public enum DeviationUnit
{
    /// <summary>Millimetres.</summary>
    Millimetres,

    /// <summary>Degrees.</summary>
    Degrees,

    /// <summary>Milliseconds.</summary>
    Milliseconds,
}
