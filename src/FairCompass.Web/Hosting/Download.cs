using System.Reflection;
using System.Text;
using System.Text.Json;
using FairCompass.Documents.Writing;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Http.Metadata;

namespace FairCompass.Web.Hosting;

/// <summary>A kind of file that is given out.</summary>
public interface IFileKind
{
    /// <summary>Its media type.</summary>
    static abstract string MediaType { get; }

    /// <summary>What the description of the interface says is in it.</summary>
    static abstract Type Content { get; }
}

/// <summary>Comma-separated values.</summary>
public sealed class CsvFile : IFileKind
{
    /// <inheritdoc/>
    public static string MediaType => "text/csv";

    /// <inheritdoc/>
    public static Type Content => typeof(string);
}

/// <summary>Markdown.</summary>
public sealed class MarkdownFile : IFileKind
{
    /// <inheritdoc/>
    public static string MediaType => "text/markdown";

    /// <inheritdoc/>
    public static Type Content => typeof(string);
}

/// <summary>JSON; which, is said by a schema of its own.</summary>
public sealed class JsonFile : IFileKind
{
    /// <inheritdoc/>
    public static string MediaType => "application/json";

    /// <inheritdoc/>
    public static Type Content => typeof(JsonElement);
}

/// <summary>Text.</summary>
public sealed class TextFile : IFileKind
{
    /// <inheritdoc/>
    public static string MediaType => "text/plain";

    /// <inheritdoc/>
    public static Type Content => typeof(string);
}

/// <summary>Times for a calendar (RFC 5545).</summary>
public sealed class CalendarFile : IFileKind
{
    /// <inheritdoc/>
    public static string MediaType => "text/calendar";

    /// <inheritdoc/>
    public static Type Content => typeof(string);
}

/// <summary>A page that needs no other file.</summary>
public sealed class HtmlFile : IFileKind
{
    /// <inheritdoc/>
    public static string MediaType => "text/html";

    /// <inheritdoc/>
    public static Type Content => typeof(string);
}

/// <summary>A photograph.</summary>
public sealed class JpegFile : IFileKind
{
    /// <inheritdoc/>
    public static string MediaType => "image/jpeg";

    /// <inheritdoc/>
    public static Type Content => typeof(Stream);
}

/// <summary>A document of a word processor.</summary>
public sealed class WordFile : IFileKind
{
    /// <inheritdoc/>
    public static string MediaType => WordDocument.MediaType;

    /// <inheritdoc/>
    public static Type Content => typeof(Stream);
}

/// <summary>A spreadsheet.</summary>
public sealed class SheetFile : IFileKind
{
    /// <inheritdoc/>
    public static string MediaType => SheetDocument.MediaType;

    /// <inheritdoc/>
    public static Type Content => typeof(Stream);
}

/// <summary>Something that is given out as a file.</summary>
/// <typeparam name="T">What kind of file it is.</typeparam>
public sealed class Download<T> : IResult, IEndpointMetadataProvider
    where T : IFileKind
{
    private readonly FileContentHttpResult file;

    /// <summary>A text, in UTF-8.</summary>
    /// <param name="text">What stands in it.</param>
    /// <param name="name">The name that is proposed for it.</param>
    public Download(string text, string name) =>
        file = TypedResults.File(Encoding.UTF8.GetBytes(text), T.MediaType + "; charset=utf-8", name);

    /// <summary>A file of bytes.</summary>
    /// <param name="bytes">What stands in it.</param>
    /// <param name="name">The name that is proposed for it.</param>
    public Download(byte[] bytes, string name) => file = TypedResults.File(bytes, T.MediaType, name);

    /// <summary>Bytes that a page shows in place of storing them.</summary>
    /// <param name="bytes">What stands in it.</param>
    public Download(byte[] bytes) => file = TypedResults.File(bytes, T.MediaType);

    /// <inheritdoc/>
    public Task ExecuteAsync(HttpContext httpContext) => file.ExecuteAsync(httpContext);

    static void IEndpointMetadataProvider.PopulateMetadata(MethodInfo method, EndpointBuilder builder) =>
        builder.Metadata.Add(new ProducesResponseTypeMetadata(200, T.Content, [T.MediaType]));
}
