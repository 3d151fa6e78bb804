using System.Text.Json;
using FairCompass.Core.Format;
using FairCompass.Core.Json;
using FairCompass.Core.Notation;
using FairCompass.Web.Hosting;

namespace FairCompass.Web.Drafting;

/// <summary>What a draft may be at the edge.</summary>
public static class DraftInput
{
    /// <summary>Takes a draft as text or as JSON.</summary>
    /// <param name="text">The text, or null.</param>
    /// <param name="workout">The workout as JSON, or null; exactly one of the two.</param>
    /// <param name="read">The text; for JSON what it prints as.</param>
    /// <returns>The refusal, or null when it can be read.</returns>
    /// <exception cref="JsonException">The JSON is no workout; its path is that of the whole request.</exception>
    public static FieldsRefused? Read(string? text, JsonElement? workout, out string read)
    {
        read = "";
        if ((text is null) == (workout is null))
        {
            return new FieldsRefused("text", "Give either text or workout.");
        }

        read = text ?? Printer.Print(Inside("$.workout", () => WorkoutJson.Read(workout!.Value.GetRawText())));
        return Objections(read, "text");
    }

    /// <summary>Reads JSON that stands inside a request, so that failures carry the path of the whole request.</summary>
    /// <param name="path">Where it stands.</param>
    /// <param name="read">Reads it.</param>
    public static T Inside<T>(string path, Func<T> read)
    {
        try
        {
            return read();
        }
        catch (Exception e) when (e is NotSupportedException or InvalidOperationException)
        {
            throw new JsonException("This is not understood.", path, null, null, e);
        }
        catch (JsonException e)
        {
            throw JsonFaults.Inside(e, path);
        }
    }

    /// <summary>Why a text cannot be stored or explained; null when it can.</summary>
    public static FieldsRefused? Objections(string body, string path)
    {
        if (body.Length > NotationLimits.Characters)
        {
            return new FieldsRefused([new(path, $"A draft has at most {NotationLimits.Characters} characters; this has {body.Length}.")]);
        }

        return body.Contains('\0', StringComparison.Ordinal) || HasLoneSurrogate(body)
            ? new FieldsRefused([new(path, "The text holds a character that cannot be stored.")])
            : null;
    }

    private static bool HasLoneSurrogate(string s)
    {
        for (var i = 0; i < s.Length; i++)
        {
            if (char.IsSurrogate(s[i]) && !(char.IsHighSurrogate(s[i]) && i + 1 < s.Length && char.IsLowSurrogate(s[++i])))
            {
                return true;
            }
        }

        return false;
    }
}
