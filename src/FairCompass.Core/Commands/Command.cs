using System.Text.Json.Serialization;
using FairCompass.Core.Drafts;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Commands;

/// <summary>
/// A change of a draft that is not typing. It is worked out for one text and answered with edits of that text, or with the field
/// that is in its way; it changes only the lines that it names, and says what its edits hold for.
/// </summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(SetCell), "cell")]
[JsonDerivedType(typeof(ApplyMend), "mend")]
[JsonDerivedType(typeof(SayHere), "rule")]
[JsonDerivedType(typeof(AnswerTopic), "answer")]
[JsonDerivedType(typeof(AnswerLine), "line")]
[JsonDerivedType(typeof(FillTable), "table")]
[JsonDerivedType(typeof(MoveLine), "move")]
[JsonDerivedType(typeof(WaiveRule), "waive")]
[JsonDerivedType(typeof(ReadLines), "read")]
[JsonDerivedType(typeof(WriteLine), "write")]
public abstract record Command
{
    /// <summary>The edits, or the objection.</summary>
    /// <param name="draft">The draft as it stands.</param>
    public abstract Answer<DraftEdits> Against(DraftToEdit draft);
}

/// <summary>A draft that is to be edited; it is worked out only for a command that needs it.</summary>
public sealed class DraftToEdit
{
    private readonly Lazy<Understanding> understood;

    /// <summary>A draft as it stands.</summary>
    public DraftToEdit(ReadDraft read)
    {
        Read = read;
        understood = new(() => Understanding.Of(read));
    }

    /// <summary>A draft that was worked out before.</summary>
    public DraftToEdit(Understanding understanding)
    {
        Read = understanding.Read;
        understood = new(understanding);
    }

    /// <summary>What was read.</summary>
    public ReadDraft Read { get; }

    /// <summary>What it means.</summary>
    public Understanding Understood => understood.Value;
}

/// <summary>Edits with the text that they hold for.</summary>
/// <param name="Edits">In the order of the text; empty when nothing has to be changed.</param>
/// <param name="For">The hash of the text, <see cref="TextHash"/>; they are never applied to another.</param>
public sealed record DraftEdits(Eq<Edit> Edits, string For)
{
    /// <summary>Edits of a text.</summary>
    public static DraftEdits In(string body, Eq<Edit> edits) => new(edits, TextHash.Of(body));

    /// <summary>The change that a mend makes; null where the text does not have the places of it.</summary>
    internal static DraftEdits? Of(string body, Mend mend)
    {
        var edits = mend.More.Append(mend.Edit).OrderBy(e => e.Line).Select(e => Notation.Edits.At(body, e)).ToList();
        return edits.TrueForAll(e => e is not null) ? In(body, edits.Select(e => e!).ToEq()) : null;
    }

    /// <summary>The change that makes one text of another.</summary>
    public static DraftEdits Between(string before, string after) => In(before, Notation.Edits.Between(before, after));
}
