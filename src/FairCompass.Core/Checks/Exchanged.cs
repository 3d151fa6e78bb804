using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Checks;

/// <summary>Two pieces of a draft that change places: values that were most often written in each other’s place.</summary>
internal static class Exchanged
{
    /// <summary>The mend; none where both stand in one place or the pieces lie over each other.</summary>
    /// <param name="context">The draft.</param>
    /// <param name="one">A piece of one line.</param>
    /// <param name="other">Another.</param>
    public static Mend[] Of(CheckContext context, SourceRange one, SourceRange other)
    {
        var (a, b) = (context.LineText(one), context.LineText(other));
        return a.Length == 0 || b.Length == 0 || a == b || one.Line == other.Line
            ? []
            : [CheckContext.Write(one, b, $"Exchange {a} and {b}") with { More = [new(other.Line, other.Column, other.Length, a)] }];
    }
}
