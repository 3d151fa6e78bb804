using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Commands;

/// <summary>Settles a finding by one of its mends.</summary>
/// <param name="Finding">The finding’s key.</param>
/// <param name="Label">The mend’s label.</param>
public sealed record ApplyMend(string Finding, string Label) : Command
{
    /// <inheritdoc/>
    public override Answer<DraftEdits> Against(DraftToEdit draft)
    {
        var mend = draft.Understood.Findings().Where(f => f.Key == Finding).SelectMany(f => f.Mends).FirstOrDefault(m => m.Label == Label);
        if (mend is null)
        {
            return new FieldError("finding", "This finding is not in the draft any more.");
        }

        var edits = mend.More.Append(mend.Edit).OrderBy(e => e.Line).Select(e => Edits.At(draft.Read.Text, e)).ToList();
        return edits.TrueForAll(e => e is not null)
            ? DraftEdits.In(draft.Read.Text, edits.Select(e => e!).ToEq())
            : new FieldError("finding", "This finding is not in the draft any more.");
    }
}
