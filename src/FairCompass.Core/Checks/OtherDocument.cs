using System.Text.RegularExpressions;

namespace FairCompass.Core.Checks;

/// <summary>A note refers to another document.</summary>
public sealed partial class OtherDocument : ICheck
{
    /// <inheritdoc/>
    public string Id => "other-document";

    /// <inheritdoc/>
    public string Title => "A note that sends the reader elsewhere";

    /// <inheritdoc/>
    public string Why => "What is not here cannot be judged here.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        from note in WrittenNotes.Of(context)
        let said = Elsewhere().Match(note.Text)
        where said.Success
        select new Report(
            note.At,
            $"The note refers to another document (“{said.Value}”): what is not here cannot be judged here.",
            note.IsLine ? [context.RemoveLine(note.At.Line)] : context.Instead(note.At.Line, $" ({note.Text})", "", "Remove the note")
        );

    /// <summary>Words for documents that are not this paper; “see the judge” sends nobody to a document.</summary>
    [GeneratedRegex(
        @"\b(as in(?= (the|last|our|your) )|see (the )?(hand ?book|rule ?book|rules|standards|web ?site|page|app|document"
            + @"|pdf|e-?mail|annex|appendix)"
            + @"|(according to|as per) the \w+|hand ?book|rule ?book|last (season|year)[’']s)",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Elsewhere();
}
