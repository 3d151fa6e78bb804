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
        return mend is not null && DraftEdits.Of(draft.Read.Text, mend) is { } edits
            ? edits
            : new FieldError("finding", "This finding is not in the draft any more.");
    }
}
