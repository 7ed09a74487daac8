# frozen_string_literal: true

module OakenGauge
  module Makers
    # The maker: what is known of her hands, and which of the ways that good makers differ in are hers.
    class Maker
      include Documents::Record

      # A value of the profile that is not assumed: a number, or with how many measurements it rests on.
      class KnownType < Documents::Type
        COUNT = Documents::Scalars::Whole.new(1..1_000_000)
        NUMBER = Documents::Scalars::Number.new(-3600..3600)
        BETWEEN = Documents::Composites::List.new(NUMBER, 2..2)

        # What may be said beside the value itself.
        PARTS = { "count" => COUNT, "bias" => NUMBER, "interval" => BETWEEN }.freeze

        # A number of inches, or a length as people write it: 1/64, 0.4mm.
        class Small < Documents::Scalars::Number
          # @return [Numeric, nil] inches
          def read(node)
            return super unless node.value.is_a?(String)

            inches = Length.parse(node.value).inches.to_f
            @range.cover?(inches) ? inches : refuse(node)
          rescue UnreadableLength
            refuse(node)
          end

          # @return [Hash]
          def schema
            lengths = { "$ref" => "#/$defs/any_length", "x-at-least" => @range.begin.to_s, "x-at-most" => @range.end.to_s }
            { "if" => { "type" => "string" }, "then" => lengths, "else" => super }
          end

          private

          def refuse(node)
            node.refuse("a length from #{@range.begin} to #{@range.end} inch, such as 1/64 or 0.4mm")
          end
        end

        # @param parameter [Parameter]
        def initialize(parameter)
          super()
          range = (parameter.either_way? ? -parameter.most : 0)..parameter.most
          @number = (parameter.unit == "inch" ? Small : Documents::Scalars::Number).new(range)
        end

        # @return [Profile::Known, nil]
        def read(node)
          return @number.read(node)&.then { |value| Profile::Known.new(value: value) } unless node.value.is_a?(Hash)

          node.keys_fit?(required: %w[value], optional: PARTS.keys)
          parts = { "value" => @number, **PARTS }.select { |name, _| node.key?(name) }
          given = parts.to_h { |name, type| [name.to_sym, type.read(node.child(name))] }
          Profile::Known.new(**given) if node.key?("value") && given.values.none?(&:nil?)
        end

        # @return [Numeric, Hash]
        def write(known, _measure)
          more = PARTS.each_key.to_h { |name| [name, known[name]] }.compact
          more.empty? ? known.value : { "value" => known.value, **more }
        end

        # @return [Hash]
        def schema
          told = { "type" => "object", "required" => ["value"],
                   "properties" => { "value" => @number.schema, **PARTS.transform_values(&:schema) },
                   "additionalProperties" => false }
          { "if" => { "type" => "object" }, "then" => told, "else" => @number.schema }
        end

        # @return [Hash]
        def form
          @number.form
        end
      end

      # What she errs by, where that is known.
      class Errors
        include Documents::Record

        Parameters.of(:error).each { |one| field one.name, KnownType.new(one), default: nil, label: one.title, meaning: one.meaning }
      end

      # What is cut through at once and costs no accuracy.
      MOST_LAYERS = 4
      BETTER = "whichever comes out better"
      private_constant :BETTER

      choice :school, { "either" => BETTER, "exact" => "exact, sewn scant", "oversize" => "large, then trimmed",
                        "narrow" => "exact, sewn narrow, then trimmed" },
             default: :either, label: "Cut exact, large and trimmed, or sew narrow and trim",
             meaning: "Your way stands first; the others follow it."
      # What is usual until she says otherwise, inches, and what a metric maker has in its place: 3 and 5 millimetres.
      MARGIN = 1/8r
      NARROW = 3/16r
      IN_MILLIMETRES = { MARGIN => 15/127r, NARROW => 25/127r }.freeze
      length :margin, default: MARGIN, most: 2, label: "Cut larger by", meaning: "What is added to pieces that are trimmed to size."
      length :narrow_seam, default: NARROW, most: 2, label: "Narrow seam",
                           meaning: "What is sewn inside units that are cut exact, sewn narrow and trimmed."
      choice :trim_sides, { 4 => "four", 2 => "two" },
             default: 4, label: "Sides that are trimmed", meaning: "Four, centred on the seams, or two sides and the dog ears."
      choice :marking, { "aid" => "by the aids I own", "drawn_line" => "draw them" },
             default: :aid, label: "Lines for sewing",
             meaning: "Lead seams by the light or tape in the drawer, or draw lines all the same."
      choice :layers, { MOST_LAYERS => "four layers", 2 => "two layers", 1 => "a single layer" },
             default: MOST_LAYERS, label: "Layers cut at once",
             meaning: "Strips lie folded, and on one another: one cut gives as many pieces as it goes through layers."
      choice :pressing, { "to_side" => "to one side, so that they nest", "open" => "open" },
             default: :to_side, label: "Seams are pressed",
             meaning: "Open they take up less but take longer; where seams meet they are pinned, not nested."
      choice :large_square, { "either" => BETTER, "goose" => "the goose", "sky" => "the sky" },
             default: :either, label: "Geese four at a time: the large square is",
             meaning: "Your way stands first; the other follows it."
      choice :numbers, { "either" => "whichever is easier to find", "finished" => "finished sizes", "strip" => "strip widths" },
             default: :either, label: "Numbers on triangle rulers",
             meaning: "Of two rulers that both have the mark, the one that you read is taken."
      choice :corners, { "exact" => "exact", "large" => "large, and square them up", "ruler" => "as the wedge ruler says" },
             default: :ruler, label: "Corners of a ring of wedges",
             meaning: "A wedge ruler that prints a square for them is believed, and they are squared up; without one they are cut exact."
      flag :starched, label: "Starch all fabric", meaning: "Edges on the bias grow less."
      flag :bonus, label: "Bonus units from cut-off corners", meaning: "Stitch and flip sews a second seam first, and keeps the corners."
      # Her choices are the fields so far.
      CHOICES = fields.dup.freeze
      Parameters.of(:time).each { |one| field one.name, KnownType.new(one), default: nil, as: :"known_#{one.name}" }
      nested :errors, Errors, default: nil
      # Ways that a method declares too, where it is of one.
      DECLARED = %i[school large_square].freeze
      # What she does, in words.
      HABITS = { school: { exact: "You cut exact and sew scant", oversize: "You oversize and trim down",
                           narrow: "You cut exact, sew narrow and trim down" },
                 large_square: { goose: "Your large square is the goose", sky: "Your large square is the sky" } }.freeze

      # She comes with every question, and her hands with her.
      PROFILES = Memo.new(200)
      private_constant :PROFILES

      # @return [Profile] what is known of her hands, and what is assumed
      def profile
        @profile ||= known(Parameters.of(:time)) { |name| public_send(:"known_#{name}") }
                     .merge(known(Parameters.of(:error)) { |name| errors&.public_send(name) })
                     .then { |values| PROFILES.fetch(values) { Profile.new(values) } }
      end

      # @param time [Symbol]
      # @return [Numeric]
      def seconds(time)
        profile[time]
      end

      # @return [Boolean]
      def opens_seams?
        pressing == :open
      end

      # @param method [Class] a {Methods::Method}
      # @return [Boolean] whether it is of another way than hers
      def against?(method)
        !habit(method).nil?
      end

      # @param method [Class] a {Methods::Method} that is against one
      # @return [String] the habit in words, the beginning of a sentence
      def habit_against(method)
        name = habit(method)
        HABITS.fetch(name).fetch(public_send(name))
      end

      private

      # The first of her habits that a method is against.
      def habit(method)
        DECLARED.find do |name|
          own = public_send(name)
          its = method.public_send(name)
          own != :either && its && its != own
        end
      end

      def known(parameters)
        parameters.to_h { |parameter| [parameter.name, yield(parameter.name)] }.compact
      end
    end
  end
end
