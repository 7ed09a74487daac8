# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes the kinds of units, tools and fabrics that there are, for a person to choose from and to fill in: what
    # each is called, its fields with their limits and words; of units the fabrics too, and one to begin with, drawn.
    class KindsWriter
      # Sizes to begin with are round numbers of what is worked in: two inches, or five centimetres.
      INCH_IN_ROUND = 5/2r * Length::MEASURES.fetch(:cm)
      private_constant :INCH_IN_ROUND

      # @param measure [Symbol] what is worked in
      def initialize(measure = :inch)
        @measure = measure
      end

      # @return [Hash{String => Array<Hash>}] what is most common first
      def write
        { "kinds" => units, "tools" => tools, "fabrics" => plain(common_first(Fabrics.forms)), "priorities" => priorities,
          "usual_seams" => Weighing::Question::USUAL_SEAMS.transform_keys(&:to_s), "bars" => bars }
      end

      private

      # Those of the scale beside a picture.
      def bars
        SpokenMeasures.of(@measure).bars.map { |inches, text| { "inches" => inches, "text" => text } }
      end

      def units
        Units.kinds.values.sort_by { |kind| [kind.common, kind.title] }.map { |kind| unit(kind) }
      end

      def unit(kind)
        { "kind" => kind.kind.to_s, "title" => kind.plural, "roles" => kind.roles.map(&:to_s), "sized_by" => kind.sized_by.to_s,
          "starter" => starter(kind),
          "fields" => kind.form, "drawing" => ViewWriter.new(Weighing::Question.new(unit: first(kind)).task).unit_drawing }
      end

      def first(kind)
        unit = OakenGauge.read_unit(kind.starter)
        @measure == :inch ? unit : unit.at(unit.measure_on_beam * INCH_IN_ROUND)
      end

      def starter(kind)
        @measure == :inch ? kind.starter : first(kind).to_document(@measure)
      end

      def tools
        plain(common_first(Tools.kinds)).map { |kind| { **kind, "group" => Tools.kinds.fetch(kind["kind"]).group } }
      end

      def common_first(kinds)
        kinds.sort_by { |_, kind| kind.common }
      end

      # What a maker may set store by.
      def priorities
        Weighing::Priorities.fields.map { |field| { "name" => field.name, "title" => field.label } }
      end

      def plain(kinds)
        kinds.map { |name, declared| { "kind" => name, "title" => declared.title, "fields" => declared.form } }
      end
    end
  end
end
