namespace FairCompass.Core.Languages;

/// <summary>Whose Spanish the papers speak.</summary>
public enum SpanishOf
{
    /// <summary>Of the Americas: <c>carril</c>, <c>puntaje</c>, <c>evento</c>, <c>ustedes</c>.</summary>
    Americas,

    /// <summary>Of Spain: <c>calle</c>, <c>puntuación</c>, <c>prueba</c>, <c>vosotros</c>.</summary>
    Spain,
}
